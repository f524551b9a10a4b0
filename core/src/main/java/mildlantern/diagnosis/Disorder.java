package mildlantern.diagnosis;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mildlantern.knowledge.DisorderId;
import mildlantern.knowledge.FindingId;
import mildlantern.knowledge.Words;
import mildlantern.message.MessageKey;
import mildlantern.plant.PlantRecord;
import mildlantern.plant.Profile;

/**
 * A cause: something that can be the matter with a plant, or something normal that looks like it.
 *
 * @param id its id
 * @param name its name for the grower
 * @param summary what it comes to, in half a sentence
 * @param kind the group it belongs to
 * @param base prior probability on a worried-about plant that can have it, before the record is heard
 * @param hosts which plants it can befall
 * @param nature what it means for the plant
 * @param signs finding id to what it makes likely
 * @param rules what the record does to its odds
 * @param excludes ids of causes that cannot be there at the same time
 * @param extent ids of findings that tell how far it has gone, and so what to do
 * @param trials ids of trials to offer, best first
 * @param watch what would be worrying or tell early
 * @param caution what to mind
 * @param source kind of source of the figures
 */
public record Disorder(
        DisorderId id,
        String name,
        String summary,
        Kind kind,
        double base,
        Hosts hosts,
        Nature nature,
        Map<FindingId, Sign> signs,
        List<RecordRule> rules,
        Set<DisorderId> excludes,
        Set<FindingId> extent,
        List<String> trials,
        String watch,
        Optional<String> caution,
        String source) {

    /** The group of a cause; each has its own ink on the screen. */
    public enum Kind implements MessageKey {
        NORMAL,
        WATER,
        AIR_AND_TEMPERATURE,
        LIGHT,
        NUTRITION,
        GROWING_POINT,
        PEST,
        DISEASE,
        INJURY
    }

    /** How soon something must be done. */
    public enum Urgency {
        TODAY,
        WEEK,
        CALM
    }

    /** Whether the plant gets over it. */
    public enum Undone {
        YES,
        IN_NEW_GROWTH,
        NEVER
    }

    /**
     * What a cause means for the plant.
     *
     * @param harmless whether nothing needs to be done
     * @param urgency how soon something must be done
     * @param catching whether other plants can get it
     * @param undone whether the plant gets over it
     * @param recovers what recovers and by when
     */
    public record Nature(boolean harmless, Urgency urgency, boolean catching, Undone undone, String recovers) {
        /** Whether it asks for isolation or a deed today. */
        public boolean actNow() {
            return urgency == Urgency.TODAY;
        }
    }

    /**
     * Which plants a cause can befall; an empty set says nothing.
     *
     * @param families family ids
     * @param profiles profile ids, besides the families
     * @param stages stage ids; where given, the plant's stage must be known and among them
     * @param not profile ids that it never befalls
     */
    public record Hosts(Set<String> families, Set<String> profiles, Set<String> stages, Set<String> not) {
        boolean admit(Profile profile) {
            if (profile.isAmong(not)) {
                return false;
            }
            return (families.isEmpty() && profiles.isEmpty())
                    || families.contains(Words.id(profile.family()))
                    || profile.isAmong(profiles);
        }

        boolean admit(PlantRecord record) {
            boolean grown = stages.isEmpty()
                    || record.stage()
                            .map(stage -> stages.contains(Words.id(stage)))
                            .orElse(false);
            return admit(record.profile()) && grown;
        }
    }

    /**
     * What a cause does to one finding. For a yes/no finding {@code weights} holds one number, the chance that this
     * cause alone brings it; for a finding with states a factor a state, 1 for as usual.
     *
     * @param weights chance, or factors in the order of the finding's states
     */
    public record Sign(List<Double> weights) {}

    /** Whether this cause can befall a kind of plant, at one stage of its life or another. */
    public boolean mayBefall(Profile profile) {
        return hosts.admit(profile);
    }

    /** Whether this cause can befall the plant. */
    public boolean befalls(PlantRecord record) {
        return hosts.admit(record);
    }
}
