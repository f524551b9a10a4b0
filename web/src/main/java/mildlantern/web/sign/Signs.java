package mildlantern.web.sign;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import mildlantern.diagnosis.Finding;
import mildlantern.look.Looks;
import mildlantern.plant.Profile;
import mildlantern.sign.Sign;
import mildlantern.sign.SignKnowledge;
import org.springframework.stereotype.Component;

/** Draws the signs of findings on the leaf of a kind. */
@Component
public class Signs {
    private final SignKnowledge knowledge;
    private final Looks looks;

    Signs(SignKnowledge knowledge, Looks looks) {
        this.knowledge = knowledge;
        this.looks = looks;
    }

    /** A sheet for the drawings of one page. */
    public SignSheet sheet(Profile kind) {
        return new SignSheet(looks.of(kind), kind.form());
    }

    /** What is drawn of a finding, by state: of a yes/no finding only what is looked for. */
    public Map<String, String> tiles(SignSheet sheet, Finding finding) {
        Map<String, String> tiles = new LinkedHashMap<>();
        for (Sign sign : drawn(finding)) {
            tiles.put(sign.state(), sheet.tile(sign));
        }
        return tiles;
    }

    /** One drawing for a finding: what is looked for, or its worst state. */
    public String worst(SignSheet sheet, Finding finding) {
        String state = finding.yesNo()
                ? Finding.PRESENT
                : finding.best().isEmpty()
                        ? finding.states().get(0).id()
                        : finding.best().get(finding.best().size() - 1);
        return Objects.requireNonNull(tiles(sheet, finding).get(state));
    }

    /** The signs of a finding that are worth a drawing. */
    public List<Sign> drawn(Finding finding) {
        return knowledge.of(finding).stream()
                .filter(sign -> !finding.yesNo() || sign.state().equals(Finding.PRESENT))
                .toList();
    }

    /** All states of a finding, the sound one too. */
    public List<Sign> all(Finding finding) {
        return knowledge.of(finding);
    }

    /** What a finding is confused with. */
    public List<SignKnowledge.Alike> alike(Finding finding) {
        return knowledge.alike(finding.id());
    }
}
