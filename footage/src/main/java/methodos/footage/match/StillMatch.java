package methodos.footage.match;

import boofcv.abst.feature.associate.AssociateDescription;
import boofcv.abst.feature.detdesc.DetectDescribePoint;
import boofcv.abst.feature.detect.interest.ConfigFastHessian;
import boofcv.factory.feature.associate.ConfigAssociateGreedy;
import boofcv.factory.feature.associate.FactoryAssociation;
import boofcv.factory.feature.detdesc.FactoryDetectDescribe;
import boofcv.factory.geo.ConfigHomography;
import boofcv.factory.geo.ConfigRansac;
import boofcv.factory.geo.EpipolarError;
import boofcv.factory.geo.FactoryMultiView;
import boofcv.factory.geo.FactoryMultiViewRobust;
import boofcv.struct.feature.AssociatedIndex;
import boofcv.struct.feature.TupleDesc_F64;
import boofcv.struct.geo.AssociatedPair;
import boofcv.struct.image.GrayU8;
import georegression.struct.homography.Homography2D_F64;
import georegression.struct.point.Point2D_F64;
import georegression.transform.homography.HomographyPointOps_F64;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import methodos.core.manual.Point;
import org.ddogleg.fitting.modelset.ModelMatcher;
import org.ddogleg.struct.DogArray;
import org.ejml.data.DMatrixRMaj;

/**
 * Where the points of one still lie on another of the same scene: features (SURF, Bay and others
 * 2008) that agree on one homography.
 *
 * <p>A homography is exact for a flat scene or a camera that only turns. What lies before or behind
 * the plane on which most features agree is carried by the features around it ({@link
 * LocalMotion}). Each point that is carried over says how far it can be trusted, from how well the
 * features near it agree.
 */
public final class StillMatch {

    /** A point that can be trusted less should stay where it is, for the author to look at. */
    public static final double TRUSTED = 0.3;

    /** Larger pictures are made smaller first; this is exact enough for a mark. */
    private static final int LONGEST_SIDE = 1280;

    private static final int FEATURES = 1600;
    private static final int TRIALS = 500;

    /** A feature may lie so far from where the homography puts it, in pixels. */
    private static final double AGREES_WITHIN = 3;

    private static final int FEWEST = 12;

    /** So many features that agree leave no doubt of the whole. */
    private static final double PLENTY = 40;

    /** How far around a point features speak for it, as a share of the width. */
    private static final double NEAR = 0.12;

    /** So many features near a point leave no doubt of it. */
    private static final double PLENTY_NEAR = 4;

    /** So far the homography of the whole is taken without asking around the point. */
    private static final double SURE = 0.6;

    /**
     * With fewer features that agree on one plane the stills are of different shots, where a mark
     * should not be moved even if the same thing is seen again.
     */
    private static final int SAME_SHOT = 45;

    /** What stands before or behind the plane moves so far beside it; more moved by itself. */
    private static final double PARALLAX = 0.15;

    /** A point that was carried over, with a trust from 0 (a guess) to 1. */
    public record Carried(Point point, double trust) {}

    private record Features(List<Point2D_F64> places, DogArray<TupleDesc_F64> descriptions) {}

    private final LocalMotion local;
    private final Homography2D_F64 homography;
    private final List<Point2D_F64> agreeing;
    private final List<Point2D_F64> disagreeing;
    private final double width;
    private final double height;
    private final double otherWidth;
    private final double otherHeight;
    private final double trust;

    private StillMatch(
            Homography2D_F64 homography,
            List<AssociatedPair> agreeing,
            List<AssociatedPair> all,
            GrayU8 from,
            GrayU8 to) {
        this.homography = homography;
        this.agreeing = agreeing.stream().map(p -> p.p1).toList();
        this.disagreeing = all.stream().filter(p -> !agreeing.contains(p)).map(p -> p.p1).toList();
        this.local =
                new LocalMotion(
                        all.stream()
                                .map(p -> new LocalMotion.Pair(p.p1.x, p.p1.y, p.p2.x, p.p2.y))
                                .toList(),
                        from.width);
        this.width = from.width;
        this.height = from.height;
        this.otherWidth = to.width;
        this.otherHeight = to.height;
        double share = agreeing.size() / (double) all.size();
        this.trust = Math.min(1, agreeing.size() / PLENTY) * Math.min(1, 2 * share);
    }

    /** How one still lies on another; empty where too little of one is found on the other. */
    public static Optional<StillMatch> between(BufferedImage from, BufferedImage to) {
        GrayU8 a = grey(from);
        GrayU8 b = grey(to);
        Features ofA = features(a);
        Features ofB = features(b);
        List<AssociatedPair> pairs = pairs(ofA, ofB);
        if (pairs.size() < FEWEST) {
            return Optional.empty();
        }
        ModelMatcher<Homography2D_F64, AssociatedPair> ransac =
                FactoryMultiViewRobust.homographyRansac(
                        new ConfigHomography(), new ConfigRansac(TRIALS, AGREES_WITHIN));
        if (!ransac.process(pairs) || ransac.getMatchSet().size() < FEWEST) {
            return Optional.empty();
        }
        List<AssociatedPair> agreeing = List.copyOf(ransac.getMatchSet());
        Homography2D_F64 refined = refined(ransac.getModelParameters(), agreeing);
        return Optional.of(new StillMatch(refined, agreeing, pairs, a, b));
    }

    /** From 0 to 1, how far the match of the whole can be trusted. */
    public double trust() {
        return trust;
    }

    /**
     * Where a point lies on the other still: by the homography of the whole where the features
     * around the point follow it, else by those features where they agree among themselves.
     */
    public Carried carry(Point point) {
        Point2D_F64 at = new Point2D_F64(point.x() * width, point.y() * height);
        Carried whole = byHomography(at);
        if (whole.trust() >= SURE || agreeing.size() < SAME_SHOT) {
            return whole;
        }
        return local.at(at.x, at.y)
                .map(
                        f ->
                                new Carried(
                                        new Point(f.x() / otherWidth, f.y() / otherHeight),
                                        f.trust()))
                .filter(c -> c.trust() > whole.trust())
                .filter(c -> apart(c.point(), whole.point()) <= PARALLAX)
                .orElse(whole);
    }

    /** Where a point lies by the homography of the whole alone, whatever is around it. */
    public Point whole(Point point) {
        Point2D_F64 there = new Point2D_F64();
        HomographyPointOps_F64.transform(
                homography, new Point2D_F64(point.x() * width, point.y() * height), there);
        return new Point(there.x / otherWidth, there.y / otherHeight);
    }

    /** As a share of the width. */
    private double apart(Point a, Point b) {
        return Math.hypot(a.x() - b.x(), (a.y() - b.y()) * otherHeight / otherWidth);
    }

    private Carried byHomography(Point2D_F64 at) {
        Point2D_F64 there = new Point2D_F64();
        HomographyPointOps_F64.transform(homography, at, there);
        long agree = near(agreeing, at);
        long disagree = near(disagreeing, at);
        double near =
                agree == 0
                        ? 0
                        : Math.min(1, agree / PLENTY_NEAR) * agree / (double) (agree + disagree);
        return new Carried(new Point(there.x / otherWidth, there.y / otherHeight), trust * near);
    }

    private long near(List<Point2D_F64> places, Point2D_F64 at) {
        return places.stream().filter(p -> p.distance(at) <= NEAR * width).count();
    }

    private static GrayU8 grey(BufferedImage picture) {
        double longest = Math.max(picture.getWidth(), picture.getHeight());
        double scale = Math.min(1, LONGEST_SIDE / longest);
        int width = (int) Math.max(1, Math.round(picture.getWidth() * scale));
        int height = (int) Math.max(1, Math.round(picture.getHeight() * scale));
        BufferedImage small = new BufferedImage(width, height, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D g = small.createGraphics();
        g.setRenderingHint(
                RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        g.drawImage(picture, 0, 0, width, height, null);
        g.dispose();
        GrayU8 grey = new GrayU8(width, height);
        byte[] levels = ((DataBufferByte) small.getRaster().getDataBuffer()).getData();
        System.arraycopy(levels, 0, grey.data, 0, levels.length);
        return grey;
    }

    private static Features features(GrayU8 picture) {
        ConfigFastHessian detector = new ConfigFastHessian();
        detector.maxFeaturesAll = FEATURES;
        DetectDescribePoint<GrayU8, TupleDesc_F64> surf =
                FactoryDetectDescribe.surfStable(detector, null, null, GrayU8.class);
        surf.detect(picture);
        Features found = new Features(new ArrayList<>(), new DogArray<>(surf::createDescription));
        for (int i = 0; i < surf.getNumberOfFeatures(); i++) {
            found.places.add(surf.getLocation(i).copy());
            found.descriptions.grow().setTo(surf.getDescription(i));
        }
        return found;
    }

    private static List<AssociatedPair> pairs(Features a, Features b) {
        AssociateDescription<TupleDesc_F64> associate =
                FactoryAssociation.greedy(
                        new ConfigAssociateGreedy(true),
                        FactoryAssociation.defaultScore(TupleDesc_F64.class));
        associate.setSource(a.descriptions);
        associate.setDestination(b.descriptions);
        associate.associate();
        List<AssociatedPair> pairs = new ArrayList<>();
        for (AssociatedIndex match : associate.getMatches().toList()) {
            pairs.add(new AssociatedPair(a.places.get(match.src), b.places.get(match.dst)));
        }
        return pairs;
    }

    private static Homography2D_F64 refined(Homography2D_F64 h, List<AssociatedPair> agreeing) {
        DMatrixRMaj found =
                new DMatrixRMaj(
                        3, 3, true, h.a11, h.a12, h.a13, h.a21, h.a22, h.a23, h.a31, h.a32, h.a33);
        DMatrixRMaj better = new DMatrixRMaj(3, 3);
        boolean done =
                FactoryMultiView.homographyRefine(1e-10, 60, EpipolarError.SAMPSON)
                        .fitModel(agreeing, found, better);
        double[] m = (done ? better : found).data;
        return new Homography2D_F64(m[0], m[1], m[2], m[3], m[4], m[5], m[6], m[7], m[8]);
    }
}
