package dev.steelyard.core.deal;

/**
 * Why a deal cannot be used as it is written.
 *
 * @param at the part of the deal, as a JSON Pointer (RFC 6901) into its document
 */
public record DealIssue(String at, String message) {}
