package mildlantern.web.words;

import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.TypeMismatchException;
import org.springframework.context.MessageSource;
import org.springframework.context.MessageSourceResolvable;
import org.springframework.context.NoSuchMessageException;
import org.springframework.core.NestedExceptionUtils;
import org.springframework.stereotype.Component;
import org.springframework.validation.ObjectError;

/** The words as the framework asks for them: in pages as {@code #{key}}, and for what is wrong with a field. */
@Component("messageSource")
final class Messages implements MessageSource {
    @Override
    public @Nullable String getMessage(
            String code, Object @Nullable [] values, @Nullable String otherwise, @Nullable Locale locale) {
        return Wording.find(code, values, reader(locale)).orElse(otherwise);
    }

    @Override
    public String getMessage(String code, Object @Nullable [] values, @Nullable Locale locale) {
        return Wording.find(code, values, reader(locale)).orElseThrow(() -> new NoSuchMessageException(code));
    }

    @Override
    public String getMessage(MessageSourceResolvable told, @Nullable Locale locale) {
        if (told instanceof ObjectError error && error.contains(TypeMismatchException.class)) {
            Throwable why = NestedExceptionUtils.getMostSpecificCause(error.unwrap(TypeMismatchException.class));
            if (why instanceof Unreadable) {
                return String.valueOf(why.getMessage());
            }
        }
        String[] codes = told.getCodes() == null ? new String[0] : told.getCodes();
        for (String code : codes) {
            // What a field error brings along is the field's own name, which no text of ours holds.
            String said = getMessage(code, null, null, locale);
            if (said != null) {
                return said;
            }
        }
        if (told.getDefaultMessage() == null) {
            throw new NoSuchMessageException(String.join(", ", codes));
        }
        return told.getDefaultMessage();
    }

    private static Locale reader(@Nullable Locale locale) {
        return locale == null ? Wording.reader() : locale;
    }
}
