package dev.steelyard.web.editing.page;

/**
 * A step in the rail.
 *
 * @param wrong how many things are to be mended there
 */
public record StepLink(EditStep step, String summary, long wrong, boolean current) {}
