package mildlantern.web.calculator;

import java.lang.reflect.Constructor;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import mildlantern.knowledge.Words;
import mildlantern.message.MessageKey;
import mildlantern.quantity.Limits;
import mildlantern.web.words.Unit;
import mildlantern.web.words.Units;
import mildlantern.web.words.Wording;
import org.springframework.beans.BeanUtils;

/**
 * What a calculator asks: the components of a record, each with its {@link Asks}. Its fields are read from them, and what was typed becomes
 * the record once nothing is wrong with any of it.
 *
 * @param <I> the record
 */
public final class Form<I extends Record> {
    private final Class<I> type;
    private final Map<String, List<Field.Choice>> chosen = new HashMap<>();
    private final Map<String, List<? extends Enum<?>>> only = new HashMap<>();

    private Form(Class<I> type) {
        this.type = type;
    }

    public static <I extends Record> Form<I> of(Class<I> type) {
        return new Form<>(type);
    }

    /** Only some constants are offered for a component. */
    public <E extends Enum<E>> Form<I> only(String component, List<E> constants) {
        only.put(component, constants);
        return this;
    }

    /** What is offered for a component that is a text. */
    public Form<I> choices(String component, List<Field.Choice> choices) {
        chosen.put(component, choices);
        return this;
    }

    List<Field> fields() {
        return Arrays.stream(type.getRecordComponents()).map(this::field).toList();
    }

    /** Its name in the address: {@code volumeIn} is {@code volume-in}. */
    static String name(String component) {
        return component.replaceAll("([A-Z])", "-$1").toLowerCase(Locale.ROOT);
    }

    private Field field(RecordComponent component) {
        String name = name(component.getName());
        if (component.isAnnotationPresent(Asks.Number.class)) {
            Asks.Number asks = component.getAnnotation(Asks.Number.class);
            Optional<Unit> in = Arrays.stream(asks.in()).findFirst();
            return new Field(
                    name,
                    label(name),
                    in.map(unit -> Wording.of(Units.like(unit))).orElseGet(() -> unit(name)),
                    in,
                    in.map(unit -> Limits.tenths(Units.like(unit).amount(unit.base(asks.preset()))))
                            .orElseGet(() -> Limits.plain(asks.preset())),
                    asks.low(),
                    asks.high(),
                    List.of(),
                    false);
        }
        if (component.isAnnotationPresent(Asks.Choice.class)) {
            Asks.Choice asks = component.getAnnotation(Asks.Choice.class);
            List<Field.Choice> choices = choices(component);
            String preset = asks.preset().isEmpty() ? choices.get(0).id() : asks.preset();
            return new Field(name, label(name), "", Optional.empty(), preset, 0, 0, choices, false);
        }
        if (component.isAnnotationPresent(Asks.Text.class)) {
            return new Field(name, label(name), "", Optional.empty(), "", 0, 0, List.of(), true);
        }
        throw new IllegalArgumentException(component + " says not how it is asked");
    }

    /** Where its words stand: the room and the name of its record. */
    String key() {
        String room = type.getPackageName();
        return room.substring(room.lastIndexOf('.') + 1) + "." + type.getSimpleName();
    }

    private String label(String name) {
        return Wording.say(key() + "." + name);
    }

    private String unit(String name) {
        String unit = key() + "." + name + ".unit";
        return Wording.knows(unit) ? Wording.say(unit) : "";
    }

    private List<Field.Choice> choices(RecordComponent component) {
        if (!component.getType().isEnum()) {
            return chosen.getOrDefault(component.getName(), List.of());
        }
        return offered(component).stream()
                .<Field.Choice>map(constant -> new Field.Choice(Words.id(constant), Wording.of((MessageKey) constant)))
                .toList();
    }

    private List<? extends Enum<?>> offered(RecordComponent component) {
        return only.getOrDefault(component.getName(), constants(component));
    }

    private static List<Enum<?>> constants(RecordComponent component) {
        return Arrays.stream(component.getType().getEnumConstants())
                .<Enum<?>>map(Enum.class::cast)
                .toList();
    }

    /** What stands at each field: what was typed, or what stands there at first. */
    Map<String, String> values(Map<String, String> typed) {
        Map<String, String> values = new LinkedHashMap<>();
        fields().forEach(field -> values.put(
                field.name(), typed.getOrDefault(field.name(), field.preset()).strip()));
        return values;
    }

    /** What is wrong with the fields, by their names; empty if nothing is. */
    Map<String, String> problems(Map<String, String> values) {
        Map<String, String> problems = new LinkedHashMap<>();
        for (Field field : fields()) {
            String wrong = problem(field, values.getOrDefault(field.name(), ""));
            if (!wrong.isEmpty()) {
                problems.put(field.name(), wrong);
            }
        }
        return problems;
    }

    private static String problem(Field field, String value) {
        if (field.isNumber()) {
            return numberProblem(field, value);
        }
        List<String> ids = field.choices().stream().map(Field.Choice::id).toList();
        return ids.isEmpty() || ids.contains(value)
                ? ""
                : Wording.say("calculator.form.choose-one", String.join(", ", ids));
    }

    private static String numberProblem(Field field, String value) {
        double number;
        try {
            number = field.read(value);
        } catch (NumberFormatException e) {
            return String.valueOf(e.getMessage());
        }
        if (number >= field.low() && number <= field.high()) {
            return "";
        }
        return (Wording.say(
                                "calculator.form.between",
                                field.shown(field.low()),
                                field.shown(field.high()),
                                field.unit()))
                        .strip()
                + ".";
    }

    /**
     * What was asked.
     *
     * @param values at each field, nothing of them wrong
     */
    I asked(Map<String, String> values) {
        List<Object> parts = new ArrayList<>();
        for (RecordComponent component : type.getRecordComponents()) {
            parts.add(part(field(component), component, values.getOrDefault(name(component.getName()), "")));
        }
        return made(type, parts.toArray());
    }

    private static Object part(Field field, RecordComponent component, String value) {
        if (component.getType() == String.class) {
            return value;
        }
        if (component.getType().isEnum()) {
            return constants(component).stream()
                    .filter(constant -> Words.id(constant).equals(value))
                    .findFirst()
                    .orElseThrow();
        }
        double number = field.read(value);
        return component.getType() == double.class ? number : made(component.getType(), number);
    }

    private static <T> T made(Class<T> type, Object... parts) {
        Class<?>[] types = Arrays.stream(type.getRecordComponents())
                .map(RecordComponent::getType)
                .toArray(Class<?>[]::new);
        try {
            Constructor<T> constructor = type.getDeclaredConstructor(types);
            return BeanUtils.instantiateClass(constructor, parts);
        } catch (NoSuchMethodException e) {
            throw new IllegalStateException(type + " is no record", e);
        }
    }
}
