package mildlantern.web.platform;

import java.lang.reflect.Constructor;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import mildlantern.web.words.PlainNumbers;
import org.springframework.core.ResolvableType;
import org.springframework.core.convert.ConversionService;
import org.springframework.validation.BindingResult;
import org.springframework.validation.DirectFieldBindingResult;
import org.springframework.web.bind.WebDataBinder;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.InitBinder;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Lets forms be records: they are bound through their constructor and shown from their fields. */
@ControllerAdvice
public class RecordForms {
    private final ConversionService conversion;
    private final JsonMapper json;

    RecordForms(ConversionService mvcConversionService, JsonMapper json) {
        this.conversion = mvcConversionService;
        this.json = json;
    }

    @InitBinder
    void byField(WebDataBinder binder) {
        binder.registerCustomEditor(Double.class, new PlainNumbers.Editor());
        Optional.ofNullable(binder.getTargetType())
                .map(ResolvableType::resolve)
                .filter(Class::isRecord)
                .ifPresent(type -> {
                    binder.initDirectFieldAccess();
                    // Records have no setters: the constructor takes everything.
                    binder.setDeclarativeBinding(true);
                });
    }

    /** Fields that a form carries and nobody types. */
    static final Set<String> CARRIED = Set.of("form", "version", "opened");

    /** What each field of a form sends, by its name, in their order. */
    Map<String, String> raw(Record form) {
        DirectFieldBindingResult fields = new DirectFieldBindingResult(form, "form");
        fields.initConversion(conversion);
        Map<String, String> raw = new LinkedHashMap<>();
        for (RecordComponent component : form.getClass().getRecordComponents()) {
            raw.put(component.getName(), Objects.toString(fields.getFieldValue(component.getName()), ""));
        }
        return raw;
    }

    /** A form that carries what it shows, where it has a place for that. */
    private Record withOpened(Record form) {
        RecordComponent[] components = form.getClass().getRecordComponents();
        if (Arrays.stream(components).noneMatch(component -> component.getName().equals("opened"))) {
            return form;
        }
        try {
            Constructor<? extends Record> constructor = form.getClass()
                    .getDeclaredConstructor(Arrays.stream(components)
                            .map(RecordComponent::getType)
                            .toArray(Class<?>[]::new));
            constructor.setAccessible(true);
            Object[] values = new Object[components.length];
            for (int i = 0; i < components.length; i++) {
                components[i].getAccessor().setAccessible(true);
                values[i] = components[i].getName().equals("opened")
                        ? opened(raw(form))
                        : components[i].getAccessor().invoke(form);
            }
            return constructor.newInstance(values);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException("the form " + form.getClass() + " cannot be shown", e);
        }
    }

    String opened(Map<String, String> raw) {
        Map<String, String> typed = new LinkedHashMap<>(raw);
        typed.keySet().removeAll(CARRIED);
        return json.writeValueAsString(typed);
    }

    /** What a form carries of the page as it was opened; nothing where it cannot be read. */
    Map<String, String> opened(String carried) {
        try {
            Map<String, String> fields = new HashMap<>();
            json.readTree(carried)
                    .properties()
                    .forEach(
                            field -> fields.put(field.getKey(), field.getValue().asString("")));
            return fields;
        } catch (JacksonException e) {
            return Map.of();
        }
    }

    /** Shows a form that was not sent yet. */
    public void show(Reply reply, String name, Record form) {
        Record shown = withOpened(form);
        DirectFieldBindingResult fresh = new DirectFieldBindingResult(shown, name);
        fresh.initConversion(conversion);
        reply.put(name, shown);
        reply.put(BindingResult.MODEL_KEY_PREFIX + name, fresh);
    }
}
