package mildlantern.web.routine;

import java.util.Map;
import mildlantern.plant.WaterSource;
import mildlantern.web.platform.CollectionId;

/** What the waters of a house hold, where its grower had them analysed; whoever keeps the analyses answers. */
public interface HouseWaters {
    /** Dissolved in each water that was analysed, mg/L. */
    Map<WaterSource, Double> dissolved(CollectionId collection);
}
