package mildlantern.web.platform;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.ui.ModelMap;
import org.springframework.web.servlet.support.RequestContextUtils;

/** What a handler says back: what its page shows, that something was wrong, and a word for the page that comes next. */
public final class Reply {
    private final ModelMap model;
    private final HttpServletRequest request;
    private final HttpServletResponse response;

    public Reply(ModelMap model, HttpServletRequest request, HttpServletResponse response) {
        this.model = model;
        this.request = request;
        this.response = response;
    }

    /** Gives the page a thing to show. */
    public Reply put(String name, @Nullable Object value) {
        model.addAttribute(name, value);
        return this;
    }

    /** Whether the page has a thing to show already. */
    public boolean has(String name) {
        return model.containsAttribute(name);
    }

    /** A thing that the page shows, put there by whoever came before. */
    public @Nullable Object get(String name) {
        return model.getAttribute(name);
    }

    /** What was sent cannot be taken; the page says why at the field. */
    public Reply wrong() {
        return status(HttpStatus.UNPROCESSABLE_CONTENT);
    }

    public Reply status(HttpStatus status) {
        response.setStatus(status.value());
        return this;
    }

    public Reply header(String name, String value) {
        response.setHeader(name, value);
        return this;
    }

    /** A header of what was asked, or null. */
    public @Nullable String asked(String name) {
        return request.getHeader(name);
    }

    /** Whether only a part of the page is asked for, to be put into the page that is open. */
    public boolean fragment() {
        return asked("HX-Request") != null;
    }

    /** Gives the page that this one leads on to a thing to show, once. */
    public Reply next(String name, Object value) {
        Objects.requireNonNull(RequestContextUtils.getOutputFlashMap(request)).put(name, value);
        return this;
    }
}
