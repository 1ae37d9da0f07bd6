package app.dantro.server;

import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;

/** Two people who do something in the same moment. */
public final class AtOnce {
    private AtOnce() {}

    /** What came of both, in the order given. */
    public static <T> List<T> both(Callable<T> one, Callable<T> other) throws Exception {
        ExecutorService people = Executors.newFixedThreadPool(2);
        try {
            CyclicBarrier start = new CyclicBarrier(2);
            Future<T> first = people.submit(at(start, one));
            Future<T> second = people.submit(at(start, other));
            return List.of(first.get(), second.get());
        } finally {
            people.shutdownNow();
        }
    }

    private static <T> Callable<T> at(CyclicBarrier start, Callable<T> then) {
        return () -> {
            start.await();
            return then.call();
        };
    }
}
