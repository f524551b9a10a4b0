package mildlantern.treatment;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What came of a search.
 *
 * @param best the programme to follow
 * @param alone what each means would do alone
 */
record Found(Programme best, List<Programme> alone) {
    /**
     * What was thought of, the chosen first.
     *
     * @param others what was left out before the search
     */
    List<Course.Option> options(Programmes programmes, List<Course.Option> others) {
        Map<String, Course.Option> lines = new LinkedHashMap<>();
        List<Means> used = best.means();
        for (Means one : used) {
            lines.put(
                    one.id(),
                    new Course.Option(
                            one.id(),
                            one.equals(best.main()) ? Course.Role.MAIN : Course.Role.THEN,
                            (int) best.used().stream()
                                    .filter(turn -> turn.means().equals(one))
                                    .count(),
                            best.gap(),
                            best.plan().moving()));
        }
        programmes.opening(best.main()).ifPresent(one -> lines.put(one.id(), Course.Option.of(one, Course.Role.WASH)));
        best.beside().ifPresent(one -> lines.put(one.id(), Course.Option.of(one, Course.Role.BESIDE)));
        alone.stream()
                .sorted(Programme::compare)
                .forEach(way -> lines.putIfAbsent(
                        way.main().id(),
                        new Course.Option(
                                way.main().id(),
                                way.drudgery()
                                        ? Course.Role.DRUDGERY
                                        : way.plan().reached() ? Course.Role.POSSIBLE : Course.Role.SHORT,
                                way.plan().applications(),
                                way.gap(),
                                way.plan().moving())));
        others.forEach(one -> lines.putIfAbsent(one.means(), one));
        return List.copyOf(lines.values());
    }
}
