package mildlantern.web.treatment;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import mildlantern.knowledge.DisorderId;
import mildlantern.message.MessageKey;
import mildlantern.pest.Aim;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.quarantine.Quarantine;
import mildlantern.treatment.Style;
import mildlantern.web.care.TreatmentResults;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.CourseId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.words.Wording;

/** What the pages of courses show. */
final class CourseViews {
    /** What a style or an aim means. */
    enum Meaning implements MessageKey {
        LIVING,
        WASH,
        SYSTEMIC,
        CONTROL,
        ERADICATE
    }

    private CourseViews() {}

    static List<StyleTab> styles(Style chosen, Style house) {
        return Arrays.stream(Style.values())
                .map(one -> new StyleTab(
                        one.name(),
                        Wording.of(one),
                        Wording.of(Meaning.valueOf(one.name())),
                        one == chosen,
                        one == house))
                .toList();
    }

    static List<AimTab> aims(Aim chosen) {
        return Arrays.stream(Aim.values())
                .map(one ->
                        new AimTab(one.name(), Wording.of(one), Wording.of(Meaning.valueOf(one.name())), one == chosen))
                .toList();
    }

    /** A style to choose. */
    record StyleTab(String id, String words, String meaning, boolean chosen, boolean house) {}

    /** An aim to choose. */
    record AimTab(String id, String words, String meaning, boolean chosen) {}

    /** A cause to treat. */
    record CauseTab(DisorderId id, String name, boolean chosen) {}

    /** One step as it is shown. */
    record StepLine(
            StepId id,
            FormKey form,
            String day,
            String phase,
            String phaseWords,
            String what,
            List<String> safety,
            List<String> conditions,
            String state,
            String stateWords,
            boolean due,
            boolean planned,
            String late,
            Optional<String> mix,
            Optional<String> expects,
            boolean counts,
            String counted) {}

    /** A means that was thought of. */
    record WeighedLine(String name, boolean chosen, String why) {}

    /** What the clock says, in sentences. */
    record Said(boolean ends, String lead, List<String> words, String clockAddress) {}

    /** What is better than going on: in a sentence, and where it is chosen. */
    record BetterWay(String words, Optional<String> address) {}

    /** The choice of a course. */
    record ChoicePage(
            CaseId caseId,
            PlantId plant,
            String plantName,
            DisorderId cause,
            String causeName,
            List<CauseTab> causes,
            List<StyleTab> styles,
            String style,
            List<AimTab> aims,
            String aim,
            boolean pest,
            boolean severe,
            String counted,
            String unit,
            List<StepLine> steps,
            Optional<Said> said,
            Optional<BetterWay> better,
            List<WeighedLine> weighed,
            Optional<String> noCure,
            FormKey form) {}

    /** Standing alone. */
    record AloneBox(Optional<String> until, boolean over, int share, String reason, boolean alone) {}

    /** What is known of a plant that stood near. */
    enum Known implements MessageKey {
        HAS_IT,
        FINE,
        ON_THE_ROUND,
        NOT_ASKED,
        USUAL_ROUND
    }

    /** One who may have caught it. */
    record ContactLine(
            PlantId plant,
            String name,
            String stop,
            Quarantine.Nearness nearness,
            String days,
            int percent,
            Known known) {
        public boolean found() {
            return known == Known.HAS_IT;
        }

        public String near() {
            return Wording.of(nearness);
        }

        public String state() {
            return Wording.of(known);
        }
    }

    /** A plant of the outbreak on the map of a stop. */
    record MapPot(PlantId plant, String name, double x, double y, double radius, String role) {}

    /** A stop on the map. */
    record MapStop(String name, double width, double depth, List<MapPot> pots) {}

    /** How many plants were known to have it, day by day. */
    record Curve(String path, String from, String words) {}

    /** A running or ended course. */
    record CoursePage(
            CourseId id,
            CaseId caseId,
            PlantId plant,
            String plantName,
            StopId stop,
            String causeName,
            String style,
            String state,
            boolean running,
            Optional<StepLine> now,
            List<StepLine> steps,
            Optional<Said> said,
            Optional<BetterWay> better,
            Optional<String> cost,
            Optional<String> noCure,
            List<WeighedLine> weighed,
            Optional<CourseDrawing.Picture> picture,
            Optional<String> worse,
            List<TreatmentResults.Lesson> learned,
            Optional<AloneBox> alone,
            List<ContactLine> contacts,
            boolean allAsked,
            List<MapStop> map,
            Optional<Curve> curve,
            String since,
            String unit,
            List<String> clean,
            FormKey form) {}
}
