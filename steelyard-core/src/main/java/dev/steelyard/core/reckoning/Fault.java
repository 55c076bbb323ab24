package dev.steelyard.core.reckoning;

/** Why there is no price: where, and what in plain words. */
public record Fault(Place place, String message) {}
