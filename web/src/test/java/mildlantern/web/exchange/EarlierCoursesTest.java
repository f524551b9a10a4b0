package mildlantern.web.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

class EarlierCoursesTest {
    private final JsonMapper json = JsonMapper.builder().build();

    private ObjectNode read(String table, String row) {
        ObjectNode node = (ObjectNode) json.readTree(row);
        EarlierCourses.mend(table, node);
        return node;
    }

    @Test
    void theUsesOfAnEarlierCourseKeepTheirInterval() {
        ObjectNode course = read(
                "course",
                "{'disorder':'spider-mites','uses':['soap','soap'],'interval_days':5,'clean':'water-spray','risk':0.04,"
                                .replace('\'', '"')
                        + "'ends':true,'weighed':[],'cost':'two days'}".replace('\'', '"'));
        assertThat(course.path("turns"))
                .isEqualTo(json.readTree("[{\"means\":\"soap\",\"gap\":0},{\"means\":\"soap\",\"gap\":5}]"));
        assertThat(course.path("wash").asString()).isEqualTo("water-spray");
        assertThat(course.path("reached").asBoolean()).isTrue();
        assertThat(course.path("moving").asDouble()).isCloseTo(0.0408, org.assertj.core.api.Assertions.within(1e-3));
        assertThat(course.propertyNames()).doesNotContain("uses", "interval_days", "clean", "ends", "weighed", "cost");
    }

    @Test
    void theVeryOldestJoinedTheUsesIntoOneText() {
        ObjectNode course = read(
                "course", "{\"disorder\":\"virus\",\"uses\":\"\",\"interval_days\":7,\"no_cure\":\"None is known.\"}");
        assertThat(course.path("turns").size()).isZero();
        assertThat(course.path("no_cure").asString()).isEqualTo("INCURABLE");
    }

    @Test
    void theSentencesOfAStepAreMadeAnewAndALookStaysALook() {
        ObjectNode step = read("course_step", "{\"phase\":\"LOOK\",\"what\":\"Look again.\",\"terms\":[\"By day.\"]}");
        assertThat(step.path("look").asString()).isEqualTo("FEWER");
        assertThat(step.propertyNames()).containsExactlyInAnyOrder("phase", "look");
    }

    @Test
    void whatThisVersionWroteStaysAsItIs() {
        ObjectNode course = read("course", "{\"disorder\":\"virus\",\"turns\":[],\"no_cure\":\"NOTHING_SUITS\"}");
        assertThat(course)
                .isEqualTo(json.readTree("{\"disorder\":\"virus\",\"turns\":[],\"no_cure\":\"NOTHING_SUITS\"}"));
    }
}
