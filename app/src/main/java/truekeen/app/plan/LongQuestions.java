package truekeen.app.plan;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.util.concurrent.Callable;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;

/**
 * A question that takes seconds is worked here, on one thread of its own, so that it never takes a core or a connection
 * from whoever counts at the bench. It says how far it is, and ends when nobody waits for it any more.
 */
@Component
class LongQuestions {
    private static final Logger LOG = LoggerFactory.getLogger(LongQuestions.class);
    private static final long PATIENCE_MS = 10 * 60_000L;

    private final ExecutorService one = Executors.newSingleThreadExecutor(work -> {
        Thread thread = new Thread(work, "long-questions");
        thread.setDaemon(true);
        thread.setPriority(Thread.MIN_PRIORITY);
        return thread;
    });

    /** Pages that wait for an answer at a time. */
    private static final int MOST_WAITING = 20;

    private final AtomicInteger waiting = new AtomicInteger();

    /** How far a question is. */
    record Progress(int done, int of) {}

    /** Told while a question is worked. */
    interface Listener {
        /**
         * Told how far it is.
         *
         * @throws CancellationException when nobody waits any more
         */
        void at(int done, int of);
    }

    /** The work of a question. */
    interface Work<T> {
        T work(Listener listener) throws Exception;
    }

    /** Works a question to its end; whoever asked waits in the queue behind others. */
    <T> Callable<T> ask(Work<T> work) {
        return () -> {
            Future<T> running = one.submit(() -> work.work((done, of) -> stopIfInterrupted()));
            try {
                return running.get();
            } catch (InterruptedException nobodyWaits) {
                running.cancel(true);
                throw nobodyWaits;
            }
        };
    }

    private static void stopIfInterrupted() {
        if (Thread.currentThread().isInterrupted()) {
            throw new CancellationException();
        }
    }

    /** Works a question and pushes {@code progress} and at last its {@code answer}; a closed page ends it. */
    <T> SseEmitter watch(Work<T> work) {
        if (waiting.incrementAndGet() > MOST_WAITING) {
            waiting.decrementAndGet();
            throw new RefusedException(Refusal.of(MessageCode.TOO_BUSY, "", ""));
        }
        SseEmitter emitter = new SseEmitter(PATIENCE_MS);
        Future<?> running = one.submit(() -> {
            try {
                send(emitter, "progress", new Progress(0, 0));
                T answer = work.work((done, of) -> {
                    stopIfInterrupted();
                    send(emitter, "progress", new Progress(done, of));
                });
                send(emitter, "answer", answer);
                emitter.complete();
            } catch (CancellationException nobodyWaits) {
                LOG.debug("A long question was given up: nobody waits for it.");
            } catch (Exception fault) {
                LOG.error("A long question failed", fault);
                emitter.completeWithError(fault);
            }
        });
        emitter.onCompletion(() -> {
            waiting.decrementAndGet();
            running.cancel(true);
        });
        emitter.onTimeout(() -> running.cancel(true));
        emitter.onError(e -> running.cancel(true));
        return emitter;
    }

    private static void send(SseEmitter emitter, String name, Object data) {
        try {
            emitter.send(SseEmitter.event().name(name).data(data));
        } catch (IOException | IllegalStateException gone) {
            throw new CancellationException();
        }
    }

    @PreDestroy
    void stop() {
        one.shutdownNow();
    }
}
