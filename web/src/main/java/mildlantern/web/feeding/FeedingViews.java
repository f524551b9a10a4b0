package mildlantern.web.feeding;

import java.util.List;
import java.util.Optional;
import mildlantern.plant.PlantId;
import mildlantern.plant.WaterSource;
import mildlantern.web.platform.FormKey;

/** What the page of feeding shows. */
final class FeedingViews {
    private FeedingViews() {}

    /** The page. */
    record Page(
            List<Mix> mixes,
            List<String> held,
            List<Choice> products,
            String chosen,
            List<String> wanting,
            Optional<String> granules,
            List<WaterLine> waters,
            String standing,
            FormKey form) {}

    /** A feed to choose. */
    record Choice(String id, String words, boolean chosen) {}

    /**
     * One mix.
     *
     * @param key by which it is sent
     * @param make what to make, in words
     * @param product how much of the feed, in words, and how it is measured out
     * @param litre what a litre of it holds
     */
    record Mix(
            String key,
            String name,
            String make,
            String product,
            String measured,
            String litre,
            List<String> minds,
            List<Share> shares) {}

    /** What one plant gets. */
    record Share(PlantId plant, String name, String stop, String amount, String words) {}

    /** A water of the house. */
    record WaterLine(WaterSource source, String name, String analysis, String from, String suits, List<String> bad) {}
}
