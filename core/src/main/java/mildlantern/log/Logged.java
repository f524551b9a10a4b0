package mildlantern.log;

import java.time.LocalDate;

/**
 * An entry of a plant's log.
 *
 * @param day when it happened
 * @param entry what happened
 */
public record Logged(LocalDate day, LogEntry entry) {}
