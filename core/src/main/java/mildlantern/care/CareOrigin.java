package mildlantern.care;

import mildlantern.message.MessageKey;

/** Where a figure comes from that care itself works out. */
public enum CareOrigin implements MessageKey {
    LAST_WATERINGS,
    ACCOUNT_OF_POT,
    WITH_A_LAMP,
    WITH_A_HUMIDIFIER,
    WITH_OTHER_HEATING,
    EXPECTED
}
