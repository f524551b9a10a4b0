package mildlantern.web.care;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mildlantern.care.Change;
import mildlantern.care.Need;
import mildlantern.outcome.Verdict;
import mildlantern.quantity.Limits;
import mildlantern.quantity.Temperature;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Component;

/** How what became of a change is said. */
@Component
class OutcomeWords {
    /** "Move it to the Porch: better." */
    String outcome(String change, Verdict verdict) {
        String plain = change.endsWith(".") ? change.substring(0, change.length() - 1) : change;
        return Wording.say("care.outcome-words.outcome", plain, Wording.of(verdict));
    }

    /** The figures of it, and what the plant says. */
    String why(List<CarePromise> promises, Optional<Verdict> ofPlant) {
        Stream<String> figures = promises.stream()
                .flatMap(promise -> promise.brought().map(brought -> figure(promise, brought)).stream());
        Stream<String> plant = ofPlant.map(it -> Wording.say("care.outcome-words.plant", Wording.of(it))).stream();
        String all = Stream.concat(figures, plant).collect(Collectors.joining(" "));
        return all.isEmpty() ? Wording.say("care.outcome-words.nothing-read") : all;
    }

    private static String figure(CarePromise promise, CarePromise.Brought brought) {
        if (promise.promised().isNothing()) {
            return Wording.say(
                    "care.outcome-words.took",
                    Wording.of(promise.promised().kind()),
                    amount(promise.promised().kind(), brought.seen()),
                    amount(promise.promised().kind(), brought.without()));
        }
        return Wording.say(
                "care.outcome-words.figure",
                Wording.of(promise.promised().kind()),
                amount(promise.promised().kind(), promise.promised().before()),
                amount(promise.promised().kind(), brought.seen()),
                amount(promise.promised().kind(), promise.promised().promised()),
                amount(promise.promised().kind(), brought.without()));
    }

    /** A figure of a need with its unit, by the reader's manner. */
    static String amount(Need.Kind kind, double value) {
        return switch (kind) {
            case DAY, NIGHT ->
                Wording.say("care.outcome-words.degrees", new Temperature(Math.round(value * 10) / 10.0));
            default -> Wording.say("care.outcome-words.amount", Limits.tenths(value), kind.unit());
        };
    }

    /** A figure of a need where its unit stands beside it; degrees by the reader's manner. */
    static String figure(Need.Kind kind, double value) {
        return kind == Need.Kind.DAY || kind == Need.Kind.NIGHT ? amount(kind, value) : Limits.tenths(value);
    }

    /** A need with its unit, where that does not stand with its figures. */
    static String need(Need.Kind kind) {
        return kind == Need.Kind.DAY || kind == Need.Kind.NIGHT
                ? Wording.of(kind)
                : Wording.say("care.outcome-words.need", Wording.of(kind), kind.unit());
    }

    /** A sort of change. */
    static String sort(Change.Kind kind) {
        return switch (kind) {
            case MOVE -> Wording.say("care.outcome-words.move");
            case LAMP -> Wording.say("care.outcome-words.lamp");
            case HUMIDIFIER -> Wording.say("care.outcome-words.humidifier");
            case WATER -> Wording.say("care.outcome-words.water");
            case FEED -> Wording.say("care.outcome-words.feed");
            case FLUSH -> Wording.say("care.outcome-words.flush");
            case RHYTHM -> Wording.say("care.outcome-words.rhythm");
            case SHADE -> Wording.say("care.outcome-words.shade");
            case HEATING -> Wording.say("care.outcome-words.heating");
        };
    }
}
