package mildlantern.web.remedy;

import java.util.List;
import java.util.Optional;
import mildlantern.remedy.Remedies;
import mildlantern.remedy.Remedy;
import mildlantern.treatment.Means;
import mildlantern.treatment.TreatmentKnowledge;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Service;

/** What is said of the things that growers have at hand. */
@Service
public class RemedyCards {
    private final Remedies remedies;
    private final TreatmentKnowledge knowledge;

    RemedyCards(Remedies remedies, TreatmentKnowledge knowledge) {
        this.remedies = remedies;
        this.knowledge = knowledge;
    }

    /**
     * What is said of one of them.
     *
     * @param answer whether to use it, in a sentence
     * @param no whether it is left alone
     * @param told what people use it for
     * @param terms how it is used, where it is
     * @param means id of the means that it is, where it is one
     * @param instead what serves instead
     */
    public record Card(
            String name,
            String answer,
            boolean no,
            String told,
            String does,
            String doesNot,
            Optional<String> terms,
            String why,
            Optional<String> means,
            Optional<String> instead) {}

    /** The card of what somebody writes. */
    public Optional<Card> find(String written) {
        return remedies.find(written).map(this::card);
    }

    List<Card> search(String typed) {
        return remedies.search(typed).stream().map(this::card).toList();
    }

    private Card card(Remedy remedy) {
        return new Card(
                remedy.name(),
                Wording.of(remedy.answer()),
                remedy.answer() == Remedy.Answer.LEAVE,
                remedy.told(),
                remedy.does(),
                remedy.doesNot(),
                remedy.terms(),
                remedy.why(),
                remedy.means(),
                remedy.instead().flatMap(knowledge::find).map(Means::name));
    }
}
