package truekeen.app.day;

import jakarta.annotation.PreDestroy;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.ForkJoinWorkerThread;
import java.util.concurrent.Semaphore;
import org.springframework.stereotype.Component;

/**
 * Where days are planned: one at a time, on two threads of the lowest priority, so that whoever counts at the bench does not
 * wait for it.
 */
@Component
class DayWorker {
    private static final int THREADS = 2;

    private final Semaphore one = new Semaphore(1, true);
    private final ForkJoinPool pool = new ForkJoinPool(
            THREADS,
            p -> {
                ForkJoinWorkerThread thread = ForkJoinPool.defaultForkJoinWorkerThreadFactory.newThread(p);
                thread.setName("day-planning");
                thread.setPriority(Thread.MIN_PRIORITY);
                return thread;
            },
            null,
            false);

    <T> T work(Callable<T> planning) {
        one.acquireUninterruptibly();
        try {
            return pool.submit(planning).get();
        } catch (ExecutionException e) {
            throw e.getCause() instanceof RuntimeException fault ? fault : new IllegalStateException(e.getCause());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        } finally {
            one.release();
        }
    }

    @PreDestroy
    void stop() {
        pool.shutdownNow();
    }
}
