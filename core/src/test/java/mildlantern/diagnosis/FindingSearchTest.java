package mildlantern.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class FindingSearchTest {
    private final FindingSearch search = FindingSearch.load(Known.KNOWLEDGE);

    private List<String> find(String typed, String profile) {
        return search.find(typed, Known.bare(profile), 8).stream()
                .map(finding -> finding.id().value())
                .toList();
    }

    @ParameterizedTest
    @CsvSource({
        "sticky, leaf.sticky",
        "crispy edges, leaf.edge-crisp",
        "it is droopy, leaf.limp",
        "wilted, leaf.limp",
        "little black flies, pest.soil-flies",
        "cobwebs, leaf.webbing",
        "tiny holes, leaf.holes",
        "white mould on the soil, soil.fuzz",
        "YELLOWING, leaf.yellow",
        "brown tips, leaf.tip-brown",
        "bud blast, buds.drop",
        "the soil smells, soil.sour",
        "rootbound, roots.circling",
        "stretched, stem.leggy"
    })
    void plainWordsAreUnderstood(String typed, String finding) {
        assertThat(find(typed, "phalaenopsis")).first().isEqualTo(finding);
    }

    @Test
    void severalWordsFindSeveralFindings() {
        assertThat(find("yellow bottom leaves", "pothos").subList(0, 2))
                .containsExactlyInAnyOrder("leaf.yellow", "affected-leaves");
    }

    @Test
    void whatMakesNoSenseOnThePlantIsNotFound_norIsNonsense() {
        assertThat(find("cup closed", "tank-bromeliad")).contains("rosette.cup");
        assertThat(find("cup closed", "pothos")).doesNotContain("rosette.cup");
        assertThat(find("xylophone", "pothos")).isEmpty();
        assertThat(find("", "pothos")).isEmpty();
        assertThat(find("the leaves of my plant", "pothos")).isEmpty();
    }

    /** Words that growers were seen to use, whatever the plant. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "canoe",
                "clawing",
                "dehydrated",
                "grooves",
                "crunchy",
                "frazzled",
                "toasted",
                "singed",
                "concertina",
                "stuck",
                "unfurling",
                "pinprick",
                "mottled",
                "pewter",
                "tarnished",
                "jelly",
                "melting",
                "oozing",
                "fishy",
                "rotten eggs",
                "stagnant",
                "ammonia",
                "sap",
                "nectar",
                "guttation",
                "mealies",
                "lint",
                "shield",
                "discs",
                "lentils",
                "crawlers",
                "farina",
                "sori",
                "rash",
                "pimples",
                "chevrons",
                "target",
                "velamen",
                "stringy",
                "sodden",
                "sopping",
                "drenched",
                "parched",
                "chalk",
                "calcium",
                "efflorescence",
                "rebloom",
                "spike",
                "aborted",
                "pbulb",
                "raisin",
                "prune",
                "heart",
                "urn",
                "reservoir",
                "monocarpic",
                "bract",
                "pup",
                "spathe",
                "spindly",
                "gangly",
                "reverted",
                "revive",
                "stalled",
                "needles browning",
                "branch dieback",
                "did not wake up",
                "traps black",
                "no dew",
                "phyllodia",
                "corking",
                "deflated",
                "mushy bottom",
                "salt dots",
                "blossom drop",
                "squiggly leaves",
                "wire marks",
                "dead twigs"
            })
    void eachWordOfGrowersIsKnown(String word) {
        assertThat(search.find(word, 8)).isNotEmpty();
    }
}
