package mildlantern.web.calculator;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import mildlantern.message.MessageKey;
import mildlantern.quantity.Temperature;
import org.junit.jupiter.api.Test;

class FormTest {
    private enum Glass implements MessageKey {
        SINGLE_PANE,
        DOUBLE_PANE,
        TRIPLE_PANE
    }

    private record Night(
            @Asks.Number(preset = -5, low = -40, high = 50) Temperature outside,

            @Asks.Number(preset = 2.5, low = 0, high = 500) double farFrom,

            @Asks.Choice(preset = "double-pane") Glass glassIn,

            @Asks.Choice String room,
            @Asks.Text String note) {}

    private static Form<Night> form() {
        return Form.of(Night.class)
                .only("glassIn", List.of(Glass.SINGLE_PANE, Glass.DOUBLE_PANE))
                .choices("room", List.of(new Field.Choice("r1", "Porch"), new Field.Choice("r2", "Study")));
    }

    private static Calculator<Night> calculator() {
        return new Calculator<>(
                "night",
                form(),
                asked -> asked.farFrom() > 100
                        ? Calculator.Answer.refused("far-from", "Too far to matter.")
                        : new Calculator.Answer(
                                List.of(Calculator.Line.of(
                                        asked.room() + asked.glassIn() + asked.note(),
                                        asked.outside().celsius(),
                                        "°C")),
                                List.of(),
                                List.of()));
    }

    private static Map<String, String> typed(String name, String value) {
        return new HashMap<>(Map.of(name, value));
    }

    @Test
    void theComponentsOfTheRecordAreTheFields() {
        assertEquals(
                List.of("outside", "far-from", "glass-in", "room", "note"),
                form().fields().stream().map(Field::name).toList());
        assertEquals(
                List.of("-5", "2.5", "double-pane", "r1", ""),
                form().fields().stream().map(Field::preset).toList());
        assertEquals(
                List.of(new Field.Choice("single-pane", "single pane"), new Field.Choice("double-pane", "double pane")),
                form().fields().get(2).choices());
    }

    @Test
    void whatIsNotTypedStandsAsItStoodAtFirst() {
        Calculator.Reckoned reckoned = calculator().reckon(typed("note", " frost "));
        assertEquals(Map.of(), reckoned.problems());
        assertEquals("r1DOUBLE_PANEfrost", reckoned.answer().lines().get(0).name());
        assertEquals(-5, reckoned.answer().lines().get(0).value());
    }

    @Test
    void aWrongFieldIsToldAtItAndWhatWasTypedStays() {
        Map<String, String> typed = typed("outside", "cold");
        typed.put("far-from", "600");
        typed.put("glass-in", "triple-pane");
        typed.put("room", "r3");
        Calculator.Reckoned reckoned = calculator().reckon(typed);
        assertEquals(
                Map.of(
                        "outside", "'cold' is not a number.",
                        "far-from", "Between 0 and 500 cm.",
                        "glass-in", "Choose one of: single-pane, double-pane.",
                        "room", "Choose one of: r1, r2."),
                reckoned.problems());
        assertEquals("cold", reckoned.inputs().get("outside"));
        assertTrue(reckoned.answer().lines().isEmpty());
    }

    @Test
    void whatOnlyTheReckoningShowsIsToldAtItsFieldToo() {
        assertEquals(
                Map.of("far-from", "Too far to matter."),
                calculator().reckon(typed("far-from", "101")).problems());
    }

    @Test
    void aRecordThatDoesNotSayHowItAsksIsNoForm() {
        record Bare(double height) {}
        assertThrows(IllegalArgumentException.class, () -> Form.of(Bare.class).fields());
    }
}
