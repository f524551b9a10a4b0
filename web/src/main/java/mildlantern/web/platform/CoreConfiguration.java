package mildlantern.web.platform;

import java.time.Clock;
import java.time.Duration;
import mildlantern.air.AirKnowledge;
import mildlantern.arrival.Journeys;
import mildlantern.away.AwayPlanner;
import mildlantern.care.CareKnowledge;
import mildlantern.care.Changes;
import mildlantern.care.Needs;
import mildlantern.care.StepPlanner;
import mildlantern.diagnosis.Diagnosis;
import mildlantern.diagnosis.DiagnosisKnowledge;
import mildlantern.diagnosis.FindingSearch;
import mildlantern.handwork.CutBack;
import mildlantern.handwork.Guard;
import mildlantern.handwork.LeafWork;
import mildlantern.light.Daylight;
import mildlantern.light.Sun;
import mildlantern.light.WindowLight;
import mildlantern.look.Looks;
import mildlantern.nutrition.FeedPlan;
import mildlantern.nutrition.PotAccount;
import mildlantern.nutrition.SlowRelease;
import mildlantern.nutrition.Waters;
import mildlantern.outcome.OutcomeJudge;
import mildlantern.outcome.OutcomeKnowledge;
import mildlantern.pest.Pests;
import mildlantern.place.Moves;
import mildlantern.plan.HousePlanner;
import mildlantern.plan.PlanKnowledge;
import mildlantern.plant.PlantKnowledge;
import mildlantern.potting.MixList;
import mildlantern.potting.PotWork;
import mildlantern.potting.Potting;
import mildlantern.propagation.Propagation;
import mildlantern.quarantine.Quarantine;
import mildlantern.remedy.Differences;
import mildlantern.remedy.Remedies;
import mildlantern.round.RoundPlanner;
import mildlantern.round.StopNotices;
import mildlantern.season.PlantYears;
import mildlantern.season.YearKnowledge;
import mildlantern.sign.SignKnowledge;
import mildlantern.treatment.CourseComposer;
import mildlantern.treatment.TreatmentKnowledge;
import mildlantern.treatment.Trials;
import mildlantern.water.WaterKnowledge;
import org.springframework.boot.validation.autoconfigure.ValidationConfigurationCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The core's doors, opened once, and the clock that everybody asks. */
@Configuration(proxyBeanMethods = false)
class CoreConfiguration {
    @Bean
    ValidationConfigurationCustomizer validatedByOurClock(Clock clock) {
        return validation -> validation.clockProvider(() -> clock);
    }

    @Bean
    Clock clock(LanternSettings settings) {
        return new HouseClock(Clock.offset(Clock.systemDefaultZone(), Duration.ofDays(settings.daysAhead())));
    }

    @Bean
    PlantKnowledge plantKnowledge() {
        return PlantKnowledge.load();
    }

    @Bean
    Trials trials() {
        return Trials.load();
    }

    @Bean
    Diagnosis diagnosis(PlantKnowledge plants, Trials trials) {
        return new Diagnosis(DiagnosisKnowledge.load(plants, trials));
    }

    @Bean
    FindingSearch findingSearch(Diagnosis diagnosis) {
        return FindingSearch.load(diagnosis.knowledge());
    }

    @Bean
    SignKnowledge signKnowledge(Diagnosis diagnosis) {
        return SignKnowledge.load(diagnosis.knowledge());
    }

    @Bean
    RoundPlanner roundPlanner() {
        return RoundPlanner.load();
    }

    @Bean
    Looks looks(PlantKnowledge plants) {
        return Looks.load(plants);
    }

    @Bean
    StopNotices stopNotices(AirKnowledge air) {
        return StopNotices.load(air);
    }

    @Bean
    WaterKnowledge waterKnowledge(PlantKnowledge plants) {
        return WaterKnowledge.load(plants);
    }

    @Bean
    AirKnowledge airKnowledge() {
        return AirKnowledge.load();
    }

    @Bean
    PlantYears plantYears(PlantKnowledge plants) {
        return new PlantYears(YearKnowledge.load(plants));
    }

    @Bean
    Sun sun() {
        return Sun.load();
    }

    @Bean
    WindowLight windowLight() {
        return WindowLight.load();
    }

    @Bean
    PotAccount potAccount() {
        return PotAccount.load();
    }

    @Bean
    Pests pests() {
        return Pests.load();
    }

    @Bean
    LeafWork leafWork(PlantKnowledge plants) {
        return LeafWork.load(plants);
    }

    @Bean
    CutBack cutBack(PlantKnowledge plants) {
        return CutBack.load(plants);
    }

    @Bean
    Guard guard() {
        return Guard.load();
    }

    @Bean
    Potting potting(PlantKnowledge plants) {
        return Potting.load(plants);
    }

    @Bean
    PotWork potWork(Potting potting) {
        return new PotWork(potting);
    }

    @Bean
    AwayPlanner awayPlanner() {
        return AwayPlanner.load();
    }

    @Bean
    MixList mixList(Potting potting, WaterKnowledge pots) {
        return new MixList(potting, pots);
    }

    @Bean
    Propagation propagation(PlantKnowledge plants) {
        return Propagation.load(plants);
    }

    @Bean
    Journeys journeys() {
        return Journeys.load();
    }

    @Bean
    Differences differences() {
        return Differences.load();
    }

    @Bean
    Remedies remedies() {
        return Remedies.load();
    }

    @Bean
    TreatmentKnowledge treatmentKnowledge(Pests pests) {
        return TreatmentKnowledge.load(pests);
    }

    @Bean
    CourseComposer courseComposer(TreatmentKnowledge treatments, Quarantine quarantine) {
        return new CourseComposer(treatments, quarantine);
    }

    @Bean
    Quarantine quarantine(Pests pests) {
        return Quarantine.load(pests);
    }

    @Bean
    Moves moves(Daylight daylight) {
        return Moves.load(daylight);
    }

    @Bean
    Daylight daylight() {
        return Daylight.load();
    }

    @Bean
    FeedPlan feedPlan() {
        return FeedPlan.load();
    }

    @Bean
    Waters waters() {
        return Waters.load();
    }

    @Bean
    SlowRelease slowRelease() {
        return SlowRelease.load();
    }

    @Bean
    CareKnowledge careKnowledge() {
        return CareKnowledge.load();
    }

    @Bean
    Needs needs(CareKnowledge knowledge, Waters waters) {
        return new Needs(knowledge, waters);
    }

    @Bean
    Changes changes(
            CareKnowledge knowledge, Needs needs, Waters waters, FeedPlan feeds, Moves moves, RoundPlanner planner) {
        return new Changes(knowledge, needs, waters, feeds, moves, planner.feedDays());
    }

    @Bean
    PlanKnowledge planKnowledge() {
        return PlanKnowledge.load();
    }

    @Bean
    HousePlanner housePlanner(PlanKnowledge knowledge, CareKnowledge care, Needs needs, Moves moves) {
        return new HousePlanner(knowledge, care, needs, moves);
    }

    @Bean
    OutcomeJudge outcomeJudge() {
        return new OutcomeJudge(OutcomeKnowledge.load());
    }

    @Bean
    StepPlanner stepPlanner(Moves moves) {
        return StepPlanner.load(moves);
    }
}
