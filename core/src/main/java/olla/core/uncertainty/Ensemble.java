package olla.core.uncertainty;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import olla.core.fish.Piece;
import olla.core.oven.Programme;
import olla.core.uncertainty.Doubt.About;
import olla.core.units.Temperature;

/**
 * The same dish a few hundred times over, each with its own draw of what nobody knows: how thick it really is, what the
 * oven really does, how cold it went in. The weighted spread of their times is the check window. What is observed weighs
 * the members anew; where few are left with any weight, members are drawn again about those.
 *
 * <p>Immutable, and the same for the same seed and the same observations.
 */
public final class Ensemble {

    /** As many members: a power of two, for which a Sobol sequence is even. */
    public static final int MEMBERS = 256;

    private static final double EARLY = 0.10;
    private static final double HALF = 0.50;
    private static final double LATE = 0.90;

    /* From this share of its time on, a fish that is cold is slow: before it, how cold it went in is most of what is read (ours). */
    private static final double WELL_WARMED = 0.5;

    /* Fewer members than this share of them carrying the weight are too few. */
    private static final double FEWEST = 0.15;

    /* Of a redrawn member's spread, this part is new and the rest its parent's (Liu and West 2001, from memory: 0.1 to 0.3). */
    private static final double NEW_SPREAD = 0.3;

    /* So far above a reading the members have not met it: twice a thermometer's and a hand's error, K. */
    private static final double NOT_MET_K = 2 * Observation.PROBE_ERROR_K;

    /* No fish takes longer over what was reckoned (order of magnitude, no source). */
    private static final double SLOWEST = 2;

    private final MemberSolver solver;
    private final List<Member> members;
    private final double[] weight;
    private final double scale;
    private final double laterMin;
    private final double fixedMin;
    private final long seed;
    private final OvenShare share;
    private final boolean airRead;

    private Ensemble(
            MemberSolver solver,
            List<Member> members,
            double[] weight,
            double scale,
            double laterMin,
            double fixedMin,
            long seed,
            OvenShare share,
            boolean airRead) {
        this.share = share;
        this.airRead = airRead;
        this.solver = solver;
        this.laterMin = laterMin;
        this.members = members;
        this.weight = weight;
        this.scale = scale;
        this.fixedMin = fixedMin;
        this.seed = seed;
    }

    /**
     * Solves the members.
     *
     * @param likelyMin the open length on the fine grid, minutes: the members' median is put there
     * @param fixedMin what the other stages in the oven take, minutes
     * @param watched whether it will be observed in the oven; costs another run a member
     */
    public static Ensemble of(BakeSpec dish, double likelyMin, double fixedMin, boolean watched, long seed) {
        MemberSolver solver = new MemberSolver(dish, likelyMin, watched);
        Draws draws = new Draws(dish.dress(), seed);
        List<Member> members =
                solver.solve(Stream.generate(draws::next).limit(MEMBERS).toList());
        double[] even = new double[MEMBERS];
        Arrays.fill(even, 1.0 / MEMBERS);
        double middle = percentile(members, even, HALF);
        return new Ensemble(solver, members, even, likelyMin / middle, 0, fixedMin, seed, OvenShare.of(members), false);
    }

    /** From when to look: the 10th, 50th and 90th percentile of the members' times. */
    public CheckWindow window() {
        return new CheckWindow(at(EARLY), at(HALF), at(LATE));
    }

    private double at(double share) {
        return fixedMin + laterMin + scale * percentile(members, weight, share);
    }

    /** What made the window wide before anything was observed, largest first. */
    public List<Doubt> doubts() {
        return solver.doubts().found(at(HALF) - fixedMin, window().widthMin());
    }

    /** How many members as good as carry the weight, 1 to {@value #MEMBERS}. */
    public double effective() {
        return 1 / Arrays.stream(weight).map(w -> w * w).sum();
    }

    /**
     * Weighs the members by what was observed.
     *
     * @throws IllegalStateException for an observation in the oven where the members were not watched
     */
    public Ensemble observe(Observation seen) {
        Ensemble after = weighed(
                members.stream().mapToDouble(m -> likelihood(m, seen)).toArray(),
                airRead || seen instanceof Observation.OvenAir);
        if (seen instanceof Observation.Probe probe) {
            return after.noFasterThan(probe.minute(), probe.celsius());
        }
        return seen instanceof Observation.Tip tip
                        && tip.minute() > WELL_WARMED * after.window().likelyMin()
                ? after.noFasterThan(tip.minute(), tip.celsius())
                : after;
    }

    /**
     * Weighs the members by what others have told of their oven. They may err as everybody may.
     *
     * @param evidence without anything that was observed of this bake
     */
    public Ensemble told(OvenEvidence evidence) {
        double[] log =
                members.stream().mapToDouble(m -> logDensity(m, evidence)).toArray();
        double likeliest = Arrays.stream(log).max().orElseThrow();
        return weighed(
                Arrays.stream(log)
                        .map(l -> Observation.SLIP + (1 - Observation.SLIP) * Math.exp(l - likeliest))
                        .toArray(),
                airRead);
    }

    private double logDensity(Member member, OvenEvidence evidence) {
        OvenCalibration was = solver.calibration();
        return evidence.logDensity(
                was.offsetC() + member.z()[About.OVEN.ordinal()] * was.offsetDoubtC(),
                was.logFilm() + member.z()[About.FILM.ordinal()] * was.logFilmDoubt());
    }

    private Ensemble weighed(double[] likelihood, boolean air) {
        double[] next = new double[weight.length];
        for (int i = 0; i < next.length; i++) {
            next[i] = weight[i] * likelihood[i];
        }
        double sum = Arrays.stream(next).sum();
        for (int i = 0; i < next.length; i++) {
            next[i] /= sum;
        }
        Ensemble weighed = new Ensemble(solver, members, next, scale, laterMin, fixedMin, seed, share, air);
        return weighed.effective() < FEWEST * MEMBERS ? weighed.drawnAgain() : weighed;
    }

    /* A fish may be slower than any member: then the members' clock is stretched until they are as cold as was read. Never the other
    way: a tip that is not pushed in far enough reads warm, and hardly anything reads cold but a cold fish. */
    private Ensemble noFasterThan(double minute, double reads) {
        double celsius = reads - Observation.PROBE_WARM_K;
        if (middleAt(minute) - celsius <= NOT_MET_K) {
            return this;
        }
        double sooner = minute;
        while (sooner > minute / SLOWEST && middleAt(sooner) > celsius) {
            sooner -= Member.STRIDE_MIN;
        }
        double slower = minute / sooner;
        return new Ensemble(
                solver, members, weight, scale * slower, laterMin + later(slower), fixedMin, seed, share, airRead);
    }

    /* What warms more slowly coasts less far, and so comes out warmer, and later by this, minutes. */
    private double later(double slower) {
        double coastsK = 0;
        double warmsK = 0;
        for (int i = 0; i < weight.length; i++) {
            Member member = members.get(i);
            // Beyond what is known it would stand still.
            double known = (member.coldestC().length - 1) * Member.STRIDE_MIN;
            double done = Math.min(known, member.openMinutes() + fixedMin / scale);
            coastsK += weight[i] * (solver.targetC() - member.coldestAt(done));
            warmsK += weight[i] * (member.coldestAt(done) - member.coldestAt(done - Member.STRIDE_MIN));
        }
        double kPerMin = warmsK / (Member.STRIDE_MIN * scale * slower);
        return kPerMin <= 0 ? 0 : Math.max(0, coastsK * (1 - 1 / slower) / kPerMin);
    }

    /* Where the coldest point of the members is then, on the average, °C. */
    private double middleAt(double minute) {
        double sum = 0;
        for (int i = 0; i < weight.length; i++) {
            sum += weight[i] * members.get(i).coldestAt(minute / scale);
        }
        return sum;
    }

    private double likelihood(Member member, Observation seen) {
        if (seen instanceof Observation.Tip tip) {
            return tip.likelihood(minute -> member.coldestAt(minute / scale));
        }
        if (seen instanceof Observation.OvenAir air) {
            OvenCalibration was = solver.calibration();
            return air.likelihood(was.offsetC() + member.z()[About.OVEN.ordinal()] * was.offsetDoubtC());
        }
        Observation.OfColdest said = (Observation.OfColdest) seen;
        return said.likelihood(celsius(member, said), solver.targetC());
    }

    private double celsius(Member member, Observation.OfColdest seen) {
        if (seen instanceof Observation.InOven in) {
            return member.coldestAt(in.minute() / scale);
        }
        return peakC(member, ((Observation.After) seen).outMinute());
    }

    /* The warmest its coldest point gets where it comes out then: no colder than it is by then, and never beyond boiling. */
    private double peakC(Member member, double outMinute) {
        double open = Math.max(Programme.LEAST_MINUTES, (outMinute - fixedMin - laterMin) / scale);
        double peak = solver.targetC() + solver.perLog() * Math.log(open / member.openMinutes());
        double now = member.watched() ? member.coldestAt(outMinute / scale) : solver.startC();
        return Math.min(Temperature.BOILING_C, Math.max(now, peak));
    }

    /**
     * When it would have to come out for its coldest point to peak so, as likely more as less, minutes.
     *
     * @param peakC the peak, °C
     */
    public double minuteFor(double peakC) {
        double later = Math.exp((peakC - solver.targetC()) / solver.perLog());
        return fixedMin + laterMin + scale * percentile(members, weight, HALF) * later;
    }

    /** How it stands where it comes out after so many minutes. */
    public Assessment assess(double outMinute) {
        double done = 0;
        double[] peak = new double[weight.length];
        for (int i = 0; i < weight.length; i++) {
            peak[i] = peakC(members.get(i), outMinute);
            done += fixedMin + laterMin + scale * members.get(i).openMinutes() <= outMinute ? weight[i] : 0;
        }
        return new Assessment(
                outMinute,
                0,
                done,
                percentile(peak, weight, HALF),
                solver.targetC(),
                window(),
                Pace.UNKNOWN,
                Optional.empty());
    }

    /**
     * How it stands at a look.
     *
     * @param tailMin what it still gets under the grill once the bake itself is over, minutes
     */
    public Assessment assess(Observation.InOven look, double tailMin) {
        Assessment then = assess(look.minute() + tailMin);
        return then.seeing(look, tailMin, pace(look.minute(), then.peakIfOutC()));
    }

    /** How the coldest point goes on where it comes out after so many minutes. */
    public Pace pace(double outMinute) {
        return pace(outMinute, assess(outMinute).peakIfOutC());
    }

    private Pace pace(double minute, double peakC) {
        if (!members.get(0).watched()) {
            return Pace.UNKNOWN;
        }
        double half = Member.STRIDE_MIN;
        return new Pace(peakC - middleAt(minute), (middleAt(minute + half) - middleAt(minute - half)) / (2 * half));
    }

    /**
     * Where the coldest point of the members is over time.
     *
     * @throws IllegalStateException where the members were not watched
     */
    public TemperatureSpread spread() {
        int points = members.get(0).coldestC().length;
        if (points == 0) {
            throw new IllegalStateException("These members were not watched in the oven.");
        }
        int stride = Math.max(1, points / TemperatureSpread.POINTS);
        int kept = (points - 1) / stride + 1;
        double[] minute = new double[kept];
        double[] low = new double[kept];
        double[] middle = new double[kept];
        double[] high = new double[kept];
        for (int k = 0; k < kept; k++) {
            int at = k * stride;
            double[] celsius =
                    members.stream().mapToDouble(m -> m.coldestC()[at]).toArray();
            minute[k] = at * Member.STRIDE_MIN * scale;
            low[k] = percentile(celsius, weight, EARLY);
            middle[k] = percentile(celsius, weight, HALF);
            high[k] = percentile(celsius, weight, LATE);
        }
        return new TemperatureSpread(minute, low, middle, high);
    }

    /** The warmest that the coldest point of any member is then, °C: what reads far above it is not in the fish. */
    public double warmestC(double minute) {
        return members.stream()
                .mapToDouble(m -> m.coldestAt(minute / scale))
                .max()
                .orElseThrow();
    }

    /* Draws members in proportion to their weight, each shifted a little, so that all weigh the same again. */
    private Ensemble drawnAgain() {
        int dimensions = ModelClock.DRAWS;
        double[] mean = new double[dimensions];
        double[] spread = new double[dimensions];
        for (int d = 0; d < dimensions; d++) {
            mean[d] = mean(d);
            spread[d] = Math.sqrt(variance(d));
        }
        Random random = new Random(seed);
        double keep = Math.sqrt(1 - NEW_SPREAD * NEW_SPREAD);
        List<double[]> drawn = new ArrayList<>();
        double start = random.nextDouble() / MEMBERS;
        int parent = 0;
        double below = weight[0];
        for (int i = 0; i < MEMBERS; i++) {
            while (start + (double) i / MEMBERS > below && parent < MEMBERS - 1) {
                below += weight[++parent];
            }
            double[] z = members.get(parent).z().clone();
            for (int d = 0; d < dimensions; d++) {
                // What a section is built from stays on its level, so that sections are shared.
                if (!solver.ofSection(d)) {
                    z[d] = keep * z[d] + (1 - keep) * mean[d] + NEW_SPREAD * spread[d] * random.nextGaussian();
                }
            }
            drawn.add(z);
        }
        double[] even = new double[MEMBERS];
        Arrays.fill(even, 1.0 / MEMBERS);
        return new Ensemble(solver, solver.solve(drawn), even, scale, laterMin, fixedMin, seed + 1, share, airRead);
    }

    private double mean(int dimension) {
        double sum = 0;
        for (int i = 0; i < weight.length; i++) {
            sum += weight[i] * members.get(i).z()[dimension];
        }
        return sum;
    }

    private double variance(int dimension) {
        double mean = mean(dimension);
        double sum = 0;
        for (int i = 0; i < weight.length; i++) {
            double off = members.get(i).z()[dimension] - mean;
            sum += weight[i] * off * off;
        }
        return sum;
    }

    /** What is now believed of the oven: where the next bake in it begins. */
    public OvenCalibration learned() {
        OvenCalibration was = solver.calibration();
        OvenShare.Posterior found = ofTheOven();
        return OvenCalibration.within(
                was.offsetC() + found.offset() * was.offsetDoubtC(),
                Math.sqrt(found.offsetVariance()) * was.offsetDoubtC(),
                was.logFilm() + found.film() * was.logFilmDoubt(),
                Math.sqrt(found.filmVariance()) * was.logFilmDoubt(),
                was);
    }

    /**
     * What these members, of which nothing was observed, would tell of their oven on the average.
     *
     * @param air whether a thermometer hangs in the oven too
     * @throws IllegalStateException where the members were not watched
     */
    public OvenLearning wouldTell(Reads reads, boolean air) {
        OvenShare.Posterior after = new WouldTell(members)
                .of(
                        share,
                        reads,
                        window().likelyMin() / scale,
                        solver.perLog(),
                        solver.calibration().offsetDoubtC(),
                        air);
        return new OvenLearning(solver.calibration(), after);
    }

    /** How wide the window would be in the same oven once that is learned of it, minutes. */
    public double widthMin(OvenLearning learned) {
        return window().widthMin() * share.narrowedBy(learned.posterior());
    }

    /** What was observed of this bake tells so much of its oven, for whatever else is in it. */
    public OvenEvidence tells() {
        OvenShare.Posterior found = ofTheOven();
        return OvenEvidence.of(solver.calibration(), new double[] {found.offset(), found.film()}, new double[] {
            found.offsetVariance(), found.both(), found.filmVariance()
        });
    }

    /**
     * How slow it has turned out to be by what was observed of it; empty where nothing was that tells.
     *
     * @param unstretched the same members before anything was observed
     */
    public Optional<Slowness> slowness(Ensemble unstretched) {
        return share.said(members, weight).map(said -> {
            OvenCalibration then = solver.calibration();
            Piece piece = solver.piece();
            double perOffset = share.withOffset() / then.offsetDoubtC();
            double perFilm = share.withFilm() / then.logFilmDoubt();
            double ofOven = share.withOffset() * share.withOffset() + share.withFilm() * share.withFilm();
            double ofModel = piece.habit().logDoubt() * piece.habit().logDoubt();
            double thickness = piece.thicknessDoubtMm() / piece.thicknessMm();
            return new Slowness(
                    said.mean()
                            - share.mean()
                            + Math.log(scale / unstretched.scale)
                            + piece.habit().logSlower()
                            + perOffset * then.offsetC()
                            + perFilm * then.logFilm(),
                    said.variance() + Math.max(0, share.variance() - ofOven - ofModel),
                    perOffset,
                    perFilm,
                    solver.doubts().logPerDoubt(About.THICKNESS) / thickness,
                    1 / solver.perLog());
        });
    }

    /* A thermometer in the oven tells of it alone, and plainly enough to be read off the members. */
    private OvenShare.Posterior ofTheOven() {
        if (!airRead) {
            return share.after(members, weight);
        }
        int oven = About.OVEN.ordinal();
        int film = About.FILM.ordinal();
        double offset = mean(oven);
        double logFilm = mean(film);
        double both = 0;
        for (int i = 0; i < weight.length; i++) {
            double[] z = members.get(i).z();
            both += weight[i] * (z[oven] - offset) * (z[film] - logFilm);
        }
        return new OvenShare.Posterior(offset, variance(oven), both, logFilm, variance(film));
    }

    private static double percentile(List<Member> members, double[] weight, double share) {
        return percentile(members.stream().mapToDouble(Member::openMinutes).toArray(), weight, share);
    }

    /* Between values by straight lines; a value stands at the middle of its weight. */
    private static double percentile(double[] value, double[] weight, double share) {
        int[] order = IntStream.range(0, weight.length)
                .boxed()
                .sorted(Comparator.comparingDouble(i -> value[i]))
                .mapToInt(Integer::intValue)
                .toArray();
        double below = 0;
        double lastAt = 0;
        double last = value[order[0]];
        for (int i : order) {
            double at = below + weight[i] / 2;
            if (at >= share) {
                return at == lastAt ? value[i] : last + (value[i] - last) * (share - lastAt) / (at - lastAt);
            }
            below += weight[i];
            lastAt = at;
            last = value[i];
        }
        return last;
    }
}
