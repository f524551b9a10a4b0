package mildlantern.treatment;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import mildlantern.pest.Application;
import mildlantern.pest.Effect;
import mildlantern.pest.LifeTable;
import mildlantern.pest.PestClock;
import mildlantern.pest.Stage;

/** What the pest clock says of a programme. */
final class Forecasts {
    /** A stage is out of reach if no more than this share of it dies. */
    private static final double OUT_OF_REACH = 0.3;

    private final TreatmentKnowledge knowledge;
    private final CourseRequest request;
    private final LifeTable pest;
    private final PestClock clock;
    private final Programmes programmes;

    Forecasts(
            TreatmentKnowledge knowledge,
            CourseRequest request,
            LifeTable pest,
            PestClock clock,
            Programmes programmes) {
        this.knowledge = knowledge;
        this.request = request;
        this.pest = pest;
        this.clock = clock;
        this.programmes = programmes;
    }

    Course.Forecast of(Programme best) {
        List<Application> all = applications(best);
        Means ending = best.used().get(best.used().size() - 1).means();
        int works = ending.works()
                .lasting()
                .map(lasting -> lasting.starts() + lasting.days())
                .orElse(1);
        int last = best.plan().lastDay() + works;
        double[] noticed = clock.noticed(all, last);
        double alone =
                clock.movingAfter(List.of(Application.of(0, knowledge.effect(best.main(), pest, request.figures()))));
        double before = clock.movingAfter(List.of());
        return new Course.Forecast(
                best.plan().moving(),
                best.plan().risk(),
                best.plan().reached(),
                best.plan().applications(),
                noticed[0] <= 0 ? 0 : Math.max(0, 1 - noticed[last] / noticed[0]),
                before <= 0 ? 1 : Math.min(1, alone / before),
                clock.doublingDays(),
                hidden(best));
    }

    private List<Application> applications(Programme best) {
        List<Application> all = new ArrayList<>();
        programmes
                .opening(best.main())
                .ifPresent(one -> all.add(Application.of(0, knowledge.effect(one, pest, request.figures()))));
        int day = programmes.first(best.main());
        for (int i = 0; i < best.used().size(); i++) {
            Programme.Turn turn = best.used().get(i);
            day += turn.gap();
            List<Effect> effects = Stream.concat(programmes.before(i, turn.means()).stream(), Stream.of(turn.means()))
                    .map(one -> knowledge.effect(one, pest, request.figures()))
                    .toList();
            all.add(new Application(day, effects));
        }
        best.beside()
                .ifPresent(one -> programmes.besides(one).stream()
                        .filter(given -> given.day() <= best.plan().lastDay())
                        .forEach(all::add));
        return all;
    }

    /** The stage that none of the means reaches for longest. */
    private Optional<Course.Hidden> hidden(Programme best) {
        List<Effect> effects = Stream.of(
                        best.means().stream(), best.beside().stream(), programmes.opening(best.main()).stream())
                .flatMap(stream -> stream)
                .map(one -> knowledge.effect(one, pest, request.figures()))
                .toList();
        return pest.stages().stream()
                .filter(stage -> !stage.name().equals(LifeTable.ADULTS))
                .filter(stage -> effects.stream()
                        .allMatch(effect -> effect.on(pest.stages().indexOf(stage)) < OUT_OF_REACH))
                .max(Comparator.comparingDouble(Stage::degreeDays))
                .map(stage -> new Course.Hidden(stage.name(), clock.daysOf(stage), stage.at()));
    }
}
