package mildlantern.water;

import java.util.List;

/** The log retold: the curve, what was seen, what follows, and what would follow if nobody came. */
public record WaterEstimate(
        List<DayOfWater> curve, List<WaterBalance.Seen> seen, WaterOutlook outlook, Prospect prospect) {}
