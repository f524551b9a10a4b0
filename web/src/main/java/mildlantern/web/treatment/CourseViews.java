package mildlantern.web.treatment;

import java.util.List;
import java.util.Optional;
import mildlantern.knowledge.DisorderId;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.CourseId;
import mildlantern.web.platform.FormKey;

/** What the pages of courses show. */
final class CourseViews {
    private CourseViews() {}

    /** A style to choose. */
    record StyleTab(String id, String words, String meaning, boolean chosen, boolean house) {}

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
            List<String> terms,
            String state,
            String stateWords,
            boolean due,
            boolean planned,
            String late,
            Optional<String> mix) {}

    /** A means that was thought of. */
    record WeighedLine(String name, boolean chosen, String why) {}

    /** What the clock says, in sentences. */
    record Said(boolean ends, String lead, List<String> words, String clockAddress) {}

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
            boolean pest,
            boolean severe,
            String counted,
            String unit,
            List<StepLine> steps,
            Optional<Said> said,
            List<WeighedLine> weighed,
            Optional<String> noCure,
            FormKey form) {}

    /** Standing alone. */
    record AloneBox(int day, int days, String until, int left, String reason, boolean alone) {}

    /** One who may have caught it. */
    record ContactLine(
            PlantId plant,
            String name,
            String stop,
            String nearness,
            String days,
            int percent,
            String state,
            boolean found) {}

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
            List<StepLine> steps,
            Optional<Said> said,
            Optional<String> cost,
            Optional<String> noCure,
            List<WeighedLine> weighed,
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
