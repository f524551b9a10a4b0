package mildlantern.light;

import mildlantern.message.MessageKey;

/** What gives the light that a meter reads: the same lux of another is another number of photons. */
public enum LightSource implements MessageKey {
    DAYLIGHT,
    WHITE_LED,
    FLUORESCENT,
    SODIUM
}
