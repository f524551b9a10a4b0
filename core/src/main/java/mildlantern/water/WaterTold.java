package mildlantern.water;

import java.util.List;

/** The log retold: the curve, what was seen, what follows. */
public record WaterTold(List<DayOfWater> curve, List<WaterStory.Seen> seen, WaterOutlook outlook) {}
