package mildlantern.treatment;

import mildlantern.message.MessageKey;

/** How a grower prefers to treat: chosen once for the house, and anew for a course where it fits better. */
public enum Style implements MessageKey {
    /** Predators, nematodes and water before anything that is sprayed. */
    LIVING,
    /** Water, hands, soap, alcohol and oil, which leave nothing behind. */
    WASH,
    /** What works from inside or longest, by its label, where the plant is worth it. */
    SYSTEMIC
}
