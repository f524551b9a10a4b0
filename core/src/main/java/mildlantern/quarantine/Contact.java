package mildlantern.quarantine;

import java.time.LocalDate;
import mildlantern.plant.PlantId;

/**
 * Someone who may have caught it.
 *
 * @param plant its id
 * @param nearness the nearest they came
 * @param days days together since the pest can have been there
 * @param last the last day together
 * @param risk chance to have caught it, 0 to 1; a rough figure to rank by
 */
public record Contact(PlantId plant, Quarantine.Nearness nearness, int days, LocalDate last, double risk) {}
