package mildlantern.web.houseplan;

import jakarta.annotation.PreDestroy;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import mildlantern.plan.HousePlanner;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Plans large houses one after the other, on a thread of its own; what a restart broke off is begun anew. */
@Component
class PlanWorker {
    private static final Logger LOG = LoggerFactory.getLogger(PlanWorker.class);

    private static final long BETWEEN_NOTES_MS = 1000;

    private final PlanWorks works;
    private final HousePlanner planner;
    private final ExecutorService thread = Executors.newSingleThreadExecutor(work -> {
        Thread quiet = new Thread(work, "house-plans");
        quiet.setDaemon(true);
        return quiet;
    });

    PlanWorker(PlanWorks works, HousePlanner planner) {
        this.works = works;
        this.planner = planner;
    }

    /** Begins with what waits, if nothing is being planned. */
    @EventListener(ApplicationReadyEvent.class)
    void wake() {
        thread.execute(this::workOff);
    }

    @PreDestroy
    void stop() {
        thread.shutdownNow();
    }

    private void workOff() {
        try {
            for (Optional<PlanWorks.Piece> next = works.next();
                    next.isPresent() && !Thread.currentThread().isInterrupted();
                    next = works.next()) {
                work(next.get());
            }
        } catch (RuntimeException failure) {
            LOG.warn("Plans of houses wait until one is asked for again", failure);
        }
    }

    private void work(PlanWorks.Piece piece) {
        long[] noted = {0};
        try {
            works.done(piece, planner.plan(works.house(piece), works.dials(piece), share -> note(piece, share, noted)));
        } catch (RuntimeException failure) {
            LOG.error("The plan of a house came to nothing", failure);
            works.failed(piece);
        }
    }

    /** A solver must not be stopped by what its listener meets. */
    private void note(PlanWorks.Piece piece, double share, long[] noted) {
        long now = System.nanoTime() / 1_000_000;
        if (now - noted[0] < BETWEEN_NOTES_MS) {
            return;
        }
        noted[0] = now;
        try {
            works.within(piece, share);
        } catch (RuntimeException failure) {
            LOG.warn("How far a plan is could not be noted", failure);
        }
    }
}
