package mildlantern.web.casework;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import mildlantern.diagnosis.Disorder;
import mildlantern.treatment.Hold;
import mildlantern.treatment.Trial;
import mildlantern.web.plant.Plant;

/** Which trials a plant bears, by what is refused on it. */
public interface TrialTerms {
    /** The trials against a cause that this plant bears where it stands now, in their order. */
    List<Trial> borne(Plant plant, Disorder cause);

    /** What speaks against doing something by hand to a plant now, in words; empty where nothing does. */
    Optional<String> against(Plant plant, Set<Hold> does);
}
