package mildlantern.sensing;

import mildlantern.message.MessageKey;

/** What a person is told of a logger's table: why it cannot be read, or what was found in which column. */
public enum TableSays implements MessageKey {
    /** How many lines make no sense, of how many; whether only the first of them follow. */
    LINES_WRONG,
    NO_READING,
    /** The day to which it goes. */
    TO_COME,
    SURELY_FAHRENHEIT,
    NO_HEADING,
    /** What the first line says. */
    FIRST_LINE,
    FIRST_LINE_EMPTY,
    /** The line. */
    LINE_NO_TIME,
    /** The line, and what stands there. */
    LINE_WRONG_TIME,
    /** The line, and what stands there. */
    LINE_NO_NUMBER,
    /** The most lines, the most cells. */
    TOO_LARGE,
    QUOTES_OPEN,
    /** The heading of the column; so are all that follow. */
    TIME_FROM,
    DAY_FROM,
    FAHRENHEIT_FROM,
    CELSIUS_FROM,
    HUMIDITY_FROM,
    PHOTONS_FROM,
    FOOT_CANDLES_FROM,
    LUX_FROM
}
