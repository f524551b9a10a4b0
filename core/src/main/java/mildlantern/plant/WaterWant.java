package mildlantern.plant;

import mildlantern.message.MessageKey;

/** How free of minerals a plant's water must be. */
public enum WaterWant implements MessageKey {
    MINERAL_FREE,
    SOFT,
    ANY
}
