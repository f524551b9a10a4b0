package mildlantern.web.casework;

import java.util.List;
import mildlantern.diagnosis.Disorder;
import mildlantern.treatment.Trial;
import mildlantern.web.plant.Plant;

/** Which trials a plant bears, by what is refused on it. */
public interface TrialTerms {
    /** The trials against a cause that this plant bears where it stands now, in their order. */
    List<Trial> borne(Plant plant, Disorder cause);
}
