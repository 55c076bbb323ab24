package dev.steelyard.web.editing.page;

/** A step of a page: some of what is edited, on one screen. */
public interface EditStep {

    /** The word in addresses. */
    String code();

    String title();

    /** Whether a place is edited on this step. */
    boolean has(String at);
}
