package dev.steelyard.web.start;

import java.util.Objects;

/** Which Steelyard this is. */
final class Version {

    /** As the jar has it; “unbuilt” where it runs from classes. */
    static final String CURRENT =
            Objects.requireNonNullElse(Version.class.getPackage().getImplementationVersion(), "unbuilt");

    private Version() {}
}
