package truekeen.standin;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Random;

/**
 * A stand-in for an instrument: {@code StandIn kind port [value]}. Listens on the loopback and pushes lines to whoever
 * connects, until it is stopped; a line {@code S value} sets what it points at. The balance beam is set to an unbalance
 * (g·mm) and also takes {@code H end grams radius}, a mass hung on it, and {@code G end grams radius}, steel ground off.
 */
public final class StandIn implements AutoCloseable {
    private static final int TICK_MS = 100;
    private static final double STICKS_GMM = 60;

    private final Behaviour behaviour;
    private final ServerSocket door;
    private volatile double set;
    private final BalanceStand stand = new BalanceStand(0, STICKS_GMM);
    private volatile boolean ended;

    StandIn(Behaviour behaviour, int port, double set) throws IOException {
        this.behaviour = behaviour;
        this.set = set;
        this.stand.put(set);
        this.door = new ServerSocket(port, 10, InetAddress.getLoopbackAddress());
    }

    /** Starts one; ends with the process. */
    public static void main(String[] arguments) throws IOException {
        if (arguments.length < 2) {
            System.err.println("usage: StandIn ANGLE_GAUGE|THREAD_TESTER|THERMOMETER|BEAM port [value]");
            System.exit(2);
        }
        Behaviour behaviour = Behaviour.valueOf(arguments[0]);
        double set = arguments.length > 2 ? Double.parseDouble(arguments[2]) : behaviour.usual();
        try (StandIn standIn = new StandIn(behaviour, Integer.parseInt(arguments[1]), set)) {
            System.out.println(behaviour.title() + " on port " + standIn.port());
            standIn.serve();
        }
    }

    int port() {
        return door.getLocalPort();
    }

    /** Takes whoever connects, each on its own thread. */
    void serve() throws IOException {
        while (!ended) {
            try {
                Socket line = door.accept();
                daemon(() -> push(line));
                daemon(() -> listen(line));
            } catch (IOException closed) {
                if (!ended) {
                    throw closed;
                }
            }
        }
    }

    private static void daemon(Runnable what) {
        Thread thread = new Thread(what);
        thread.setDaemon(true);
        thread.start();
    }

    private void push(Socket line) {
        Random random = new Random(20);
        try (line) {
            OutputStream out = line.getOutputStream();
            out.write(behaviour.greeting().getBytes(StandardCharsets.UTF_8));
            for (int tick = 0; !ended; tick++) {
                out.write(behaviour
                        .lines(tick, behaviour == Behaviour.BEAM ? stand.tiltDeg() : set, random)
                        .getBytes(StandardCharsets.UTF_8));
                out.flush();
                Thread.sleep(TICK_MS);
            }
        } catch (IOException gone) {
            // Whoever listened has gone.
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    private void listen(Socket line) {
        try {
            BufferedReader reader =
                    new BufferedReader(new InputStreamReader(line.getInputStream(), StandardCharsets.UTF_8));
            for (String text = reader.readLine(); text != null; text = reader.readLine()) {
                if (text.startsWith("S ")) {
                    set = Double.parseDouble(text.substring(2).strip());
                    stand.put(set);
                } else if (text.startsWith("H ") || text.startsWith("G ")) {
                    String[] part = text.substring(2).strip().split(" ");
                    int end = Integer.parseInt(part[0]);
                    double grams = Double.parseDouble(part[1]);
                    double radius = Double.parseDouble(part[2]);
                    if (text.startsWith("H")) {
                        stand.hang(end, grams, radius);
                    } else {
                        stand.grind(end, grams, radius);
                    }
                }
            }
        } catch (IOException | IllegalArgumentException | ArrayIndexOutOfBoundsException gone) {
            // Nothing more is heard from there.
        }
    }

    @Override
    public void close() throws IOException {
        ended = true;
        door.close();
    }
}
