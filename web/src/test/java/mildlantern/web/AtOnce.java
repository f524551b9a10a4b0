package mildlantern.web;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.IntFunction;

/** Lets several do something in the same moment. */
public final class AtOnce {
    private AtOnce() {}

    /** What each of so many got, in the order of their numbers. */
    public static <T> List<T> each(int many, IntFunction<Callable<T>> what) throws Exception {
        ExecutorService threads = Executors.newFixedThreadPool(many);
        try {
            List<Callable<T>> all = new ArrayList<>();
            for (int i = 0; i < many; i++) {
                all.add(what.apply(i));
            }
            List<T> got = new ArrayList<>();
            for (Future<T> one : threads.invokeAll(all)) {
                got.add(one.get());
            }
            return got;
        } finally {
            threads.shutdownNow();
        }
    }
}
