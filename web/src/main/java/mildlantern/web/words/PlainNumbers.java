package mildlantern.web.words;

import java.beans.PropertyEditorSupport;
import java.text.ParseException;
import java.util.Locale;
import mildlantern.quantity.Limits;
import org.springframework.format.Formatter;
import org.springframework.stereotype.Component;

/** Numbers in forms: shown without needless decimals, and read with a point or a comma. */
@Component
public class PlainNumbers implements Formatter<Double> {
    /** Reads and shows numbers in forms; what Spring would try besides, as figures to the base of sixteen, is tried no more. */
    public static final class Editor extends PropertyEditorSupport {
        @Override
        public void setAsText(String text) {
            setValue(text.isBlank() ? null : Double.valueOf(Numbers.read(text)));
        }

        @Override
        public String getAsText() {
            return getValue() instanceof Double number ? Limits.plain(number) : "";
        }
    }

    @Override
    public Double parse(String text, Locale locale) throws ParseException {
        try {
            return Numbers.read(text);
        } catch (NumberFormatException e) {
            throw new ParseException(String.valueOf(e.getMessage()), 0);
        }
    }

    @Override
    public String print(Double value, Locale locale) {
        return Limits.plain(value);
    }
}
