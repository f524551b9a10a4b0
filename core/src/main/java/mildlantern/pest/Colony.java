package mildlantern.pest;

import java.util.List;
import java.util.Optional;
import mildlantern.quantity.Range;

/**
 * The animals of one pest on a plant: those that an application can meet, and those that sit where every application misses. Whatever moves
 * goes from one to the other.
 */
final class Colony {
    private final Population open;
    private final Optional<Population> hidden;
    private final double share;
    private final double wander;

    Colony(Population all, double share, double wander) {
        this.open = all;
        this.share = share;
        this.wander = wander;
        if (share > 0) {
            Population missed = new Population(all);
            missed.scale(share);
            all.scale(1 - share);
            this.hidden = Optional.of(missed);
        } else {
            this.hidden = Optional.empty();
        }
    }

    Colony(Colony other) {
        open = new Population(other.open);
        hidden = other.hidden.map(Population::new);
        share = other.share;
        wander = other.wander;
    }

    void day() {
        open.day();
        hidden.ifPresent(missed -> {
            missed.day();
            open.exchange(missed, wander * share, wander * (1 - share));
        });
    }

    /** Kills a share of each stage where an application reaches. */
    void meet(double[] shares) {
        open.kill(shares);
    }

    /** Kills a share of each stage everywhere: what works from inside, or hunts. */
    void everywhere(double[] shares) {
        open.kill(shares);
        hidden.ifPresent(missed -> missed.kill(shares));
    }

    double total() {
        return open.total() + hidden.map(Population::total).orElse(0.0);
    }

    /** Chance that any is alive where so many are expected. */
    double chanceOfAny() {
        return -Math.expm1(-total());
    }

    double noticed() {
        return open.noticed() + hidden.map(Population::noticed).orElse(0.0);
    }

    double moving() {
        return open.moving() + hidden.map(Population::moving).orElse(0.0);
    }

    double[] byStage() {
        double[] sums = open.byStage();
        hidden.ifPresent(missed -> {
            double[] more = missed.byStage();
            for (int i = 0; i < sums.length; i++) {
                sums[i] += more[i];
            }
        });
        return sums;
    }

    /** What was used until now and works on this day does its work. */
    void treat(List<Application> applications, int day, Drawn sample) {
        for (Application one : applications) {
            int since = day - one.day();
            if (since < 0) {
                continue;
            }
            for (Effect effect : one.effects()) {
                if (since == 0 && effect.thorough()) {
                    everywhere(shares(effect.atOnce(), sample.kill(), 1));
                } else if (since == 0) {
                    meet(shares(effect.atOnce(), sample.kill(), sample.coverage()));
                }
                if (since >= effect.startsDays() && since < effect.startsDays() + effect.lastsDays()) {
                    everywhere(shares(effect.daily(), sample.kill(), 1));
                }
            }
        }
    }

    private static double[] shares(List<Range> ranges, double where, double met) {
        double[] shares = new double[ranges.size()];
        for (int i = 0; i < shares.length; i++) {
            Range range = ranges.get(i);
            shares[i] = met * (range.low() + where * (range.high() - range.low()));
        }
        return shares;
    }
}
