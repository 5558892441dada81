package truekeen.core.day;

import java.util.Arrays;

/**
 * Times an order of the day. Each person has the tasks in an order of preference and takes the first one that waits for no
 * other task any more; so every order can be worked. Whoever can begin first is next. A stone and a holder are with one
 * person at a time; a holder stays set until it is set to something else.
 */
final class DayClock {
    private final DayModel m;
    final int[] start;
    final int[] finish;
    final int[] change;
    /** What is done to change over to each task, as bits of {@link ChangeAct}. */
    final int[] acts;

    private final int[] seconds;
    private final ChangeTimes times;
    final int[] who;
    final int[] sequence;
    private final int[] waitsFor;
    private final int[] readyAt;
    private final int[] rank;
    private final int[] freeAt;
    private final int[] lastTask;
    private final int[] stoneOf;
    private final int[] stoneFree;
    private final boolean[] stoneUsed;
    private final int[] holderFree;
    private final int[] settingOf;
    private final int[][] heap;
    private final int[] heapSize;
    private final int[] jobDone;

    long late;
    int end;
    int setUps;
    long changeSeconds;
    long readySum;

    DayClock(DayModel model) {
        this(model, model.seconds, model.day.times());
    }

    /** One for which the tasks (s) and changing over take so long. */
    DayClock(DayModel model, int[] seconds, ChangeTimes times) {
        m = model;
        this.seconds = seconds;
        this.times = times;
        acts = new int[m.count];
        start = new int[m.count];
        finish = new int[m.count];
        change = new int[m.count];
        who = new int[m.count];
        sequence = new int[m.count];
        waitsFor = new int[m.count];
        readyAt = new int[m.count];
        rank = new int[m.count];
        freeAt = new int[m.people];
        lastTask = new int[m.people];
        stoneOf = new int[m.people];
        stoneFree = new int[m.stones];
        stoneUsed = new boolean[m.stones];
        holderFree = new int[m.holders];
        settingOf = new int[m.holders];
        heap = new int[m.people][m.count];
        heapSize = new int[m.people];
        jobDone = new int[m.jobs];
    }

    /** An order of preference for each person, of task numbers; every task is in one of them. */
    void run(int[][] orders) {
        begin();
        for (int p = 0; p < m.people; p++) {
            for (int place = 0; place < orders[p].length; place++) {
                int t = orders[p][place];
                rank[t] = place;
                who[t] = p;
            }
        }
        for (int t = 0; t < m.count; t++) {
            if (waitsFor[t] == 0) {
                push(who[t], t);
            }
        }
        for (int done = 0; done < m.count; done++) {
            int person = next();
            int t = pop(person);
            sequence[done] = t;
            work(t, person);
            for (int n : m.next[t]) {
                if (waitsFor[n] == 0) {
                    push(who[n], n);
                }
            }
        }
        for (int j = 0; j < m.jobs; j++) {
            late += Math.max(0L, (long) jobDone[j] - m.promised[j]);
            end = Math.max(end, jobDone[j]);
            readySum += jobDone[j];
        }
    }

    /** As the day begins. */
    void begin() {
        System.arraycopy(m.waitsFor, 0, waitsFor, 0, m.count);
        Arrays.fill(readyAt, 0);
        System.arraycopy(m.from, 0, freeAt, 0, m.people);
        System.arraycopy(m.stoneBefore, 0, stoneOf, 0, m.people);
        Arrays.fill(lastTask, DayModel.NONE);
        System.arraycopy(m.soak, 0, stoneFree, 0, m.stones);
        Arrays.fill(stoneUsed, false);
        Arrays.fill(holderFree, 0);
        System.arraycopy(m.settingBefore, 0, settingOf, 0, m.holders);
        Arrays.fill(heapSize, 0);
        Arrays.fill(jobDone, 0);
        late = 0;
        end = 0;
        setUps = 0;
        changeSeconds = 0;
        readySum = 0;
    }

    /** Who can begin first with what comes next in their order. */
    private int next() {
        int best = DayModel.NONE;
        int at = Integer.MAX_VALUE;
        for (int p = 0; p < m.people; p++) {
            if (heapSize[p] > 0) {
                int begins = begins(heap[p][0], p);
                if (begins < at) {
                    at = begins;
                    best = p;
                }
            }
        }
        return best;
    }

    /** When somebody could begin a task that waits for no other, as things stand (s). */
    int begins(int t, int p) {
        int at = Math.max(freeAt[p] + lasting(acts(t, p), t), readyAt[t]);
        if (m.stone[t] != DayModel.NONE) {
            at = Math.max(at, stoneFree[m.stone[t]]);
        }
        if (m.holder[t] != DayModel.NONE) {
            // It is set and the tool put in once whoever has it is done with it.
            at = Math.max(at, holderFree[m.holder[t]] + lasting(held(t, p), t));
        }
        return at;
    }

    /** What somebody does to the holder before a task. */
    private int held(int t, int p) {
        int acts = 0;
        if (settingOf[m.holder[t]] != m.setting[t]) {
            acts |= ChangeAct.SET.bit();
        }
        int last = lastTask[p];
        if (last == DayModel.NONE || m.job[last] != m.job[t] || m.setting[last] != m.setting[t]) {
            acts |= ChangeAct.PUT_IN.bit();
        }
        return acts;
    }

    /** What somebody does to change over to a task. */
    private int acts(int t, int p) {
        int acts = m.holder[t] == DayModel.NONE ? 0 : held(t, p);
        int stone = m.stone[t];
        if (stone == DayModel.NONE) {
            return acts;
        }
        if (stoneOf[p] != stone) {
            acts |= ChangeAct.LAY_DOWN.bit();
            if (m.cleansBetween(stoneOf[p], stone)) {
                acts |= ChangeAct.CLEAN.bit();
            }
        }
        return !stoneUsed[stone] && m.ready[stone] > 0 ? acts | ChangeAct.FLATTEN.bit() : acts;
    }

    private int lasting(int acts, int t) {
        return (ChangeAct.CLEAN.in(acts) ? times.cleaning() : 0)
                + (ChangeAct.SET.in(acts) ? times.setting() : 0)
                + (ChangeAct.PUT_IN.in(acts) ? times.clamping() : 0)
                + (ChangeAct.FLATTEN.in(acts) ? m.ready[m.stone[t]] : 0)
                + (ChangeAct.LAY_DOWN.in(acts) ? times.changing() : 0);
    }

    /** Somebody does a task that waits for no other. */
    void work(int t, int p) {
        acts[t] = acts(t, p);
        change[t] = lasting(acts[t], t);
        changeSeconds += change[t];
        start[t] = begins(t, p);
        finish[t] = start[t] + seconds[t];
        setUps += (ChangeAct.LAY_DOWN.in(acts[t]) ? 1 : 0) + (ChangeAct.SET.in(acts[t]) ? 1 : 0);
        freeAt[p] = finish[t];
        lastTask[p] = t;
        int stone = m.stone[t];
        if (stone != DayModel.NONE) {
            stoneOf[p] = stone;
            stoneUsed[stone] = true;
            stoneFree[stone] = finish[t];
        }
        int holder = m.holder[t];
        if (holder != DayModel.NONE) {
            settingOf[holder] = m.setting[t];
            holderFree[holder] = finish[t];
        }
        int over = finish[t] + m.rest[t];
        jobDone[m.job[t]] = Math.max(jobDone[m.job[t]], over);
        for (int n : m.next[t]) {
            readyAt[n] = Math.max(readyAt[n], over);
            waitsFor[n]--;
        }
    }

    /** When somebody is free again (s). */
    int freeAt(int person) {
        return freeAt[person];
    }

    /** What somebody did last, or {@link DayModel#NONE}. */
    int last(int person) {
        return lastTask[person];
    }

    /** Whether a task waits for no other any more. */
    boolean free(int t) {
        return waitsFor[t] == 0;
    }

    int doneAt(int job) {
        return jobDone[job];
    }

    private void push(int p, int t) {
        int[] h = heap[p];
        int at = heapSize[p]++;
        while (at > 0 && rank[h[(at - 1) / 2]] > rank[t]) {
            h[at] = h[(at - 1) / 2];
            at = (at - 1) / 2;
        }
        h[at] = t;
    }

    private int pop(int p) {
        int[] h = heap[p];
        int top = h[0];
        int moved = h[--heapSize[p]];
        int at = 0;
        while (2 * at + 1 < heapSize[p]) {
            int child = 2 * at + 1;
            if (child + 1 < heapSize[p] && rank[h[child + 1]] < rank[h[child]]) {
                child++;
            }
            if (rank[h[child]] >= rank[moved]) {
                break;
            }
            h[at] = h[child];
            at = child;
        }
        h[at] = moved;
        return top;
    }
}
