package truekeen.app.device;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.function.BooleanSupplier;
import truekeen.app.device.DeviceRecords.DeviceView;
import truekeen.core.bench.Instrument;
import truekeen.core.bench.Settling;

/**
 * The line to one instrument. While anybody wants it, it is kept up: where the instrument vanishes it is tried again
 * until it is back, and what was read before stays known.
 */
final class DeviceLink {
    private static final int SILENT_MS = 2000;
    private static final int AGAIN_MS = 400;
    private static final int IDLE_MS = 200;
    private static final int MOST_KEPT = 50;

    private final Instrument instrument;
    private final InetSocketAddress address;
    private final BooleanSupplier wanted;
    private final Runnable changed;
    private final Deque<Settling.Sample> samples = new ArrayDeque<>();
    private volatile boolean ended;
    private volatile Socket socket;
    private String name = "";
    private boolean live;
    private Double value;
    private Double taken;
    private long takenNumber;

    DeviceLink(Instrument instrument, InetSocketAddress address, BooleanSupplier wanted, Runnable changed) {
        this.instrument = instrument;
        this.address = address;
        this.wanted = wanted;
        this.changed = changed;
    }

    Instrument instrument() {
        return instrument;
    }

    void start() {
        Thread thread = new Thread(this::run, "device-" + instrument.name());
        thread.setDaemon(true);
        thread.start();
    }

    void end() {
        ended = true;
        close();
    }

    synchronized DeviceView view() {
        return new DeviceView(instrument, instrument.words(), instrument.unit(), name, live, value, taken, takenNumber);
    }

    /** The newest values, oldest first. */
    synchronized List<Settling.Sample> samples() {
        return List.copyOf(samples);
    }

    private void run() {
        while (!ended) {
            try {
                if (wanted.getAsBoolean()) {
                    listen();
                }
                Thread.sleep(wanted.getAsBoolean() ? AGAIN_MS : IDLE_MS);
            } catch (InterruptedException stopped) {
                Thread.currentThread().interrupt();
                return;
            }
        }
    }

    private void listen() {
        try (Socket line = new Socket()) {
            socket = line;
            line.connect(address, SILENT_MS);
            line.setSoTimeout(SILENT_MS);
            BufferedReader reader =
                    new BufferedReader(new InputStreamReader(line.getInputStream(), StandardCharsets.UTF_8));
            String text = Lines.next(reader);
            while (text != null && !ended && wanted.getAsBoolean()) {
                DeviceLine.read(text, instrument).ifPresent(this::heard);
                text = Lines.next(reader);
            }
        } catch (IOException away) {
            // It is not there, or no longer: shown as away, and tried again.
        } finally {
            socket = null;
            lost();
        }
    }

    private void heard(DeviceLine line) {
        synchronized (this) {
            if (line.what() == DeviceLine.What.GREETING) {
                name = line.name();
                samples.clear();
            } else if (line.what() == DeviceLine.What.VALUE) {
                live = true;
                value = line.value();
                samples.addLast(new Settling.Sample(System.currentTimeMillis(), line.value()));
                while (samples.size() > MOST_KEPT) {
                    samples.removeFirst();
                }
            } else {
                taken = line.value();
                takenNumber++;
            }
        }
        changed.run();
    }

    private void lost() {
        boolean was;
        synchronized (this) {
            was = live;
            live = false;
            samples.clear();
        }
        if (was) {
            changed.run();
        }
    }

    private void close() {
        Socket now = socket;
        if (now != null) {
            try {
                now.close();
            } catch (IOException gone) {
                // It is closed, one way or the other.
            }
        }
    }

    /** Lines of bounded length: what never ends is no line. */
    private static final class Lines {
        static String next(BufferedReader reader) throws IOException {
            StringBuilder line = new StringBuilder();
            for (int c = reader.read(); c >= 0; c = reader.read()) {
                if (c == '\n') {
                    return line.toString();
                }
                if (line.length() <= DeviceLine.LONGEST) {
                    line.append((char) c);
                }
            }
            return null;
        }
    }
}
