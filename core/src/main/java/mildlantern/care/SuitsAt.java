package mildlantern.care;

import java.util.List;
import java.util.Optional;

/** A stop for a plant: what it would miss there. */
public record SuitsAt(Spot spot, List<Need> needs, double missed, Optional<String> displaces) {}
