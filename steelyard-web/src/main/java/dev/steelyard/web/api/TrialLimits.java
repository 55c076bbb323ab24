package dev.steelyard.web.api;

import java.time.Duration;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * How much one request may ask for.
 *
 * @param bodyBytes of the body
 * @param documents in a list
 * @param orders of all documents together
 * @param shares deals times lines, of all baskets together: an answer has the share of each in each
 * @param time for all of it, waiting included; work ends when it is over
 * @param threads that price documents
 * @param waiting how many requests may wait for one of them
 */
@ConfigurationProperties("steelyard.trials")
record TrialLimits(
        @DefaultValue("1000000") int bodyBytes,
        @DefaultValue("50") int documents,
        @DefaultValue("1000") int orders,
        @DefaultValue("100000") int shares,
        @DefaultValue("5s") Duration time,
        @DefaultValue("1") int threads,
        @DefaultValue("8") int waiting) {}
