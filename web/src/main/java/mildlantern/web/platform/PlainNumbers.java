package mildlantern.web.platform;

import java.text.ParseException;
import java.util.Locale;
import mildlantern.quantity.Limits;
import org.springframework.format.Formatter;
import org.springframework.stereotype.Component;

/** Numbers in forms: shown without needless decimals, and read with a point or a comma. */
@Component
class PlainNumbers implements Formatter<Double> {
    @Override
    public Double parse(String text, Locale locale) throws ParseException {
        try {
            return Double.valueOf(text.strip().replace(',', '.'));
        } catch (NumberFormatException e) {
            throw new ParseException("'" + text + "' is no number", 0);
        }
    }

    @Override
    public String print(Double value, Locale locale) {
        return Limits.plain(value);
    }
}
