package mildlantern.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import mildlantern.knowledge.DisorderId;
import mildlantern.knowledge.FindingId;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * What good growers agree on when they read signs, one row a rule: the plant, what was seen, the cause or causes of which one must
 * lead, and what must not be taken seriously. {@code !} before a finding says that it was looked for and is not there.
 */
class SignsOfTheFieldTest {
    private static final double SERIOUS = 0.15;

    @ParameterizedTest(name = "{0}: {1} -> {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                // leaves: which ones, and what colour
                "pothos             | leaf.yellow affected-leaves=oldest-few new-growth=normal                   | normal-ageing             | root-rot virus",
                "pothos             | leaf.yellow affected-leaves=rising-from-bottom soil.deep=wet               | overwatering standing-water | underwatering normal-ageing",
                "spider-plant       | leaf.pale affected-leaves=rising-from-bottom new-growth=small soil.deep=moist roots.state=firm | nitrogen-deficiency | overwatering",
                "calamondin         | leaf.interveinal affected-leaves=newest                                     | micronutrient-chlorosis   | magnesium-deficiency",
                "calamondin         | leaf.interveinal affected-leaves=oldest-few                                 | magnesium-deficiency      | micronutrient-chlorosis",
                "phalaenopsis       | crown.leaves-loose affected-leaves=crown roots.state=firm                   | crown-rot                 | root-loss",
                "hoya               | leaf.bleached affected-side=sun-side onset=days                             | sun-scorch                | chilling",
                "african-violet     | leaf.water-soaked affected-side=glass-side onset=overnight !leaf.foul-smell | chilling frost-injury     | sun-scorch",
                // limp
                "peace-lily         | leaf.limp soil.deep=dry pot.weight=light                                    | underwatering             | overwatering root-rot",
                "peace-lily         | leaf.limp soil.deep=wet                                                     | overwatering root-loss root-rot standing-water | underwatering",
                "phalaenopsis       | leaf.leathery leaf.limp wilt.after-water=recovers soil.deep=dry             | underwatering             | root-loss",
                "phalaenopsis       | leaf.leathery leaf.limp wilt.after-water=no-change soil.deep=wet            | root-loss failing-medium overwatering | underwatering",
                "dieffenbachia      | stem.one-sided-wilt stem.inside-brown leaf.limp                             | vascular-wilt             | underwatering",
                // edges, tips, patches
                "calathea           | leaf.edge-crisp affected-side=heat-side onset=days                          | heat-source-scorch        | sun-scorch",
                "dracaena           | leaf.tip-brown soil.crust onset=months                                      | salt-buildup              | root-rot",
                "peace-lily         | leaf.tip-black soil.water-below                                             | standing-water            | underwatering",
                // animals
                "hoya               | leaf.holes leaf.slime                                                       | slugs-snails              | caterpillars",
                "calamondin         | leaf.tunnels                                                                | leaf-miner                | thrips",
                "croton             | leaf.stippling leaf.webbing leaf.grey-dull                                  | spider-mites              | thrips aphids",
                "monstera           | leaf.silvering leaf.black-specks pest.slender                               | thrips                    | spider-mites",
                "hoya               | leaf.cotton pest.ants                                                       | mealybugs                 | powdery-mildew",
                "rubber-plant       | leaf.scale-bumps leaf.sticky                                                | scale-insects             | natural-growths",
                "tropical-hibiscus  | pest.white-flies leaf.sticky                                                | whitefly                  | fungus-gnats",
                "tropical-hibiscus  | pest.green-clusters new-growth=distorted                                    | aphids                    | broad-mites",
                "philodendron       | pest.soil-flies soil.top=wet                                                | fungus-gnats overwatering | whitefly",
                "african-violet     | new-growth=distorted affected-leaves=newest leaf.curled !pest.green-clusters | broad-mites              | aphids",
                "cactus             | roots.cotton new-growth=none                                                | root-mealybugs            | nitrogen-deficiency",
                // spots and rot
                "phalaenopsis       | leaf.spots-purple-flush !leaf.spots-sunken spread=unchanged-for-months      | natural-spotting          | cercospora-leaf-spot",
                "oncidium           | leaf.spots-yellow-underside leaf.spots-fine-black affected-leaves=rising-from-bottom | cercospora-leaf-spot | natural-spotting",
                "paphiopedilum      | leaf.mushy leaf.foul-smell spread=fast                                      | bacterial-soft-rot        | old-scar",
                "cymbidium          | leaf.ring-mosaic affected-leaves=newest onset=months                        | virus                     | spider-mites",
                "hoya               | leaf.spots-brown spread=unchanged-for-months onset=months new-growth=normal | old-scar                  | fungal-leaf-spot bacterial-soft-rot",
                "jade-plant         | leaf.white-powder !leaf.cotton                                              | powdery-mildew            | mealybugs",
                "dieffenbachia      | leaf.frozen-glassy leaf.limp onset=overnight                                | frost-injury              | underwatering",
                // medium
                "pothos             | soil.crust leaf.tip-brown                                                   | salt-buildup              | harmless-surface-fungus",
                "pothos             | soil.fuzz new-growth=normal                                                 | harmless-surface-fungus   | root-rot",
                "pothos             | pest.jumping !pest.soil-flies                                               | springtails               | fungus-gnats",
                "boston-fern        | soil.dries-fast roots.circling                                              | root-bound                | overwatering",
                "boston-fern        | soil.runs-through soil.shrunk soil.deep=dry !roots.circling                 | uneven-wetting underwatering | overwatering",
                // growth
                "succulent-rosette  | stem.leggy leaf.pale onset=months                                           | low-light                 | excess-light",
                "tank-bromeliad     | rosette.cup=constricted leaf.pleated offsets=normal                         | growing-point-injury      | low-humidity",
                "tank-bromeliad     | rosette.has-flowered offsets=normal leaf.tip-brown onset=months             | spent-rosette             | root-rot",
                "dendrobium-nobile  | buds.plantlets buds.none                                                    | missed-cool-rest          | acclimation-shock",
                "cattleya           | cane.leafless-green new-growth=normal                                       | normal-ageing             | root-loss",
                "sarracenia         | pitcher.lid-crisp pitcher.brown-from-top affected-leaves=oldest-few         | pitcher-ageing            | mineral-injury root-rot",
                "sarracenia         | pitcher.red-flecks new-growth=normal                                        | nectar-burn               | fungal-leaf-spot",
                "sarracenia         | pitcher.soft-band new-growth=normal !stem.soft-base                         | digestion-browning        | bacterial-soft-rot",
                "boston-fern        | spots.regular-rows !leaf.scale-bumps                                        | natural-growths           | scale-insects",
                "paphiopedilum      | leaf.pattern-lost new-growth=normal new-leaf-size=bigger !leaf.pale         | natural-variation         | virus",
            })
    void aSignPointsWhereGrowersAgree(String profile, String seen, String first, String not) {
        Differential differential = Known.DIAGNOSIS.consider(Known.bare(profile), Evidence.of(states(seen)));
        assertThat(words(first))
                .contains(differential.ladder().get(0).disorder().id().value());
        for (String unlikely : words(not)) {
            assertThat(differential.probability(new DisorderId(unlikely)))
                    .as(unlikely)
                    .isLessThan(SERIOUS);
        }
    }

    private static List<String> words(String text) {
        return Arrays.asList(text.strip().split("\\s+"));
    }

    private static Map<FindingId, String> states(String seen) {
        Map<FindingId, String> states = new LinkedHashMap<>();
        for (String word : words(seen)) {
            if (word.startsWith("!")) {
                states.put(new FindingId(word.substring(1)), Finding.ABSENT);
            } else if (word.contains("=")) {
                states.put(new FindingId(word.substring(0, word.indexOf('='))), word.substring(word.indexOf('=') + 1));
            } else {
                states.put(new FindingId(word), Finding.PRESENT);
            }
        }
        return states;
    }
}
