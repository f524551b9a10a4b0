package mildlantern.treatment;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;
import mildlantern.quantity.Range;

/** In which order and at which distance means can be used. */
final class Turns {
    /** From so many days on, a day more or less makes no difference. */
    private static final int LONG_INTERVAL = 14;

    /** Nobody uses more of them in one course than this. */
    private static final int MOST_TURNS = 12;

    private final CourseRequest request;

    Turns(CourseRequest request) {
        this.request = request;
    }

    /** One means again and again. */
    List<Programme.Turn> alone(Means one, int gap, int uses) {
        return IntStream.range(0, uses)
                .mapToObj(i -> new Programme.Turn(one, i == 0 ? 0 : gap))
                .toList();
    }

    /** Two means, each as often in a row as it may be, turn and turn about. */
    List<Programme.Turn> inTurn(Means one, int gap, Means other) {
        List<Programme.Turn> turns = new ArrayList<>();
        int[] left = {request.usesLeft(one), request.usesLeft(other)};
        Means[] both = {one, other};
        int own = (int) request.interval(other).low();
        int[] gaps = {
            gap, Math.max(own, Math.min(gap, (int) request.interval(other).high()))
        };
        int which = 0;
        while (left[which] > 0 && turns.size() < MOST_TURNS) {
            int row = Math.min(left[which], both[which].pace().inRow());
            for (int i = 0; i < row && turns.size() < MOST_TURNS; i++) {
                int pause = i > 0 ? gaps[which] : Math.max(gaps[1 - which], both[which].daysAfter(both[1 - which]));
                turns.add(new Programme.Turn(both[which], turns.isEmpty() ? 0 : pause));
            }
            left[which] -= row;
            which = 1 - which;
        }
        return turns;
    }

    /** Days between two uses that are worth a try. */
    Set<Integer> gaps(Means one) {
        Range range = request.interval(one);
        int low = (int) range.low();
        int high = (int) range.high();
        Set<Integer> gaps = new TreeSet<>(List.of(low, (low + high) / 2, high));
        if (high < LONG_INTERVAL) {
            gaps.add(Math.min(high, low + 1));
        }
        return gaps;
    }
}
