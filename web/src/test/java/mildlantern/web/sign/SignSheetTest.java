package mildlantern.web.sign;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.GZIPOutputStream;
import mildlantern.diagnosis.DiagnosisKnowledge;
import mildlantern.diagnosis.Finding;
import mildlantern.diagnosis.Part;
import mildlantern.look.Looks;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.PlantRecord;
import mildlantern.plant.Profile;
import mildlantern.sign.Sign;
import mildlantern.sign.SignKnowledge;
import mildlantern.treatment.Trials;
import org.junit.jupiter.api.Test;

class SignSheetTest {
    private static final PlantKnowledge PLANTS = PlantKnowledge.load();
    private static final DiagnosisKnowledge DIAGNOSIS = DiagnosisKnowledge.load(PLANTS, Trials.load());
    private static final SignKnowledge SIGNS = SignKnowledge.load(DIAGNOSIS);
    private static final Looks LOOKS = Looks.load(PLANTS);
    private static final Pattern USED = Pattern.compile("<use href=\"#([a-z-]+)\"/>");
    private static final int MOST_BYTES = 20_000;

    private static SignSheet sheet(Profile kind) {
        return new SignSheet(LOOKS.of(kind), kind.form());
    }

    private static List<Finding> seenOn(Profile kind) {
        return DIAGNOSIS.findings().stream()
                .filter(finding -> finding.appliesTo(PlantRecord.of(kind)))
                .toList();
    }

    /** Each sign can be told from the sound one, and each state from the others, on every kind. */
    @Test
    void onEveryKindEverySignIsSeen() {
        for (Profile kind : PLANTS.profiles()) {
            SignSheet sheet = sheet(kind);
            for (Finding finding : seenOn(kind)) {
                Set<String> drawn = new HashSet<>();
                for (Sign sign : SIGNS.of(finding)) {
                    assertThat(drawn.add(sheet.alone(sign)))
                            .as("%s of %s on %s", sign.state(), finding.id(), kind.id())
                            .isTrue();
                }
            }
        }
    }

    @Test
    void whatTilesShareStandsOnTheirSheet() {
        Profile kind = PLANTS.profile("phalaenopsis").orElseThrow();
        SignSheet sheet = sheet(kind);
        List<String> used = new ArrayList<>();
        for (Finding finding : seenOn(kind)) {
            for (Sign sign : SIGNS.of(finding)) {
                Matcher matcher = USED.matcher(sheet.tile(sign));
                while (matcher.find()) {
                    used.add(matcher.group(1));
                }
            }
        }
        assertThat(used).hasSizeGreaterThan(40);
        assertThat(used).allSatisfy(id -> assertThat(sheet.shared()).contains("<g id=\"" + id + "\">"));
    }

    @Test
    void aDrawingThatStandsAloneUsesNothingOfAnother() {
        Profile kind = PLANTS.profile("sarracenia").orElseThrow();
        for (Finding finding : seenOn(kind)) {
            SIGNS.of(finding)
                    .forEach(sign -> assertThat(sheet(kind).alone(sign)).doesNotContain("<use"));
        }
    }

    /** As it is sent: packed. */
    @Test
    void theSheetOfAPartIsSmall() throws IOException {
        for (Profile kind : PLANTS.profiles()) {
            for (Part part : Part.values()) {
                SignSheet sheet = sheet(kind);
                StringBuilder all = new StringBuilder();
                for (Finding finding : seenOn(kind)) {
                    if (finding.parts().contains(part)) {
                        SIGNS.of(finding).stream()
                                .filter(sign -> !sign.state().equals(Finding.ABSENT))
                                .forEach(sign -> all.append(sheet.tile(sign)));
                    }
                }
                assertThat(packed(all.append(sheet.shared()).toString()))
                        .as("%s of %s", part, kind.id())
                        .isLessThan(MOST_BYTES);
            }
        }
    }

    private static int packed(String text) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (GZIPOutputStream zip = new GZIPOutputStream(bytes)) {
            zip.write(text.getBytes(StandardCharsets.UTF_8));
        }
        return bytes.size();
    }
}
