package dev.steelyard.web.editing.draft;

import dev.steelyard.format.Json;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.StringNode;

/** Looks for names that cards, deals and own prices mean something by, and renames them wherever they are meant. */
@Component
public class MeantNames {

    private final DraftRepository drafts;
    private final VersionRepository versions;

    MeantNames(DraftRepository drafts, VersionRepository versions) {
        this.drafts = drafts;
        this.versions = versions;
    }

    /** The names of all whose draft, or a version that counts or will, means it. */
    @Transactional(readOnly = true)
    public List<String> meaning(Meant what, String name) {
        Set<String> found = new LinkedHashSet<>();
        for (DraftKind kind : DraftKind.values()) {
            List<StoredVersion> all = new ArrayList<>(versions.drafts(kind));
            all.addAll(versions.released(kind));
            for (StoredVersion version : all) {
                if (mentions(version.document(), name) && what.in(Json.read(version.document()), name)) {
                    found.add(drafts.findById(version.draftId()).orElseThrow().name());
                }
            }
        }
        return List.copyOf(found);
    }

    /** Those of some names that no draft, and no version that counts or will, means. */
    @Transactional(readOnly = true)
    public Set<String> unmeant(Meant what, Collection<String> names) {
        Set<String> left = new LinkedHashSet<>(names);
        for (DraftKind kind : DraftKind.values()) {
            List<StoredVersion> all = new ArrayList<>(versions.drafts(kind));
            all.addAll(versions.released(kind));
            for (StoredVersion version : all) {
                left.removeIf(
                        name -> mentions(version.document(), name) && what.in(Json.read(version.document()), name));
            }
        }
        return left;
    }

    /**
     * Renames it in all versions there are, so that going back brings no name that nothing has, and in the trials kept with
     * drafts. The caller holds the shop's row.
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void rename(Meant what, String name, String other) {
        for (StoredVersion version : versions.mentioning(written(name))) {
            JsonNode document = Json.read(version.document());
            if (what.in(document, name)) {
                what.rename(document, name, other);
                version.renamed(Json.write(document));
            }
        }
        for (StoredDraft draft : drafts.trying(written(name))) {
            JsonNode trial = Json.read(draft.trial());
            what.rename(trial, name, other);
            draft.setTrial(Json.write(trial));
        }
    }

    /** Told without reading the document: nearly all of them mention it nowhere. */
    private static boolean mentions(String document, String name) {
        return document.toLowerCase(Locale.ROOT).contains(written(name).toLowerCase(Locale.ROOT));
    }

    /** As it stands in a document, but for the quotes around it. */
    private static String written(String name) {
        String quoted = Json.write(StringNode.valueOf(name));
        return quoted.substring(1, quoted.length() - 1);
    }
}
