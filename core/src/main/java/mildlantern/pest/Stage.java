package mildlantern.pest;

/**
 * One stage of a pest's life.
 *
 * @param name its word, in the plural, as in "eggs"
 * @param kind what it does
 * @param degreeDays degree-days above the base that it takes, °C · day; of adults the time of laying
 * @param lossPerDay share that dies by itself each day, 0 to 1
 * @param at where it sits
 */
public record Stage(String name, StageKind kind, double degreeDays, double lossPerDay, Place at) {}
