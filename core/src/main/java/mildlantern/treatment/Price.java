package mildlantern.treatment;

/** What a use costs a grower of a style: minutes, what it does to the plant, and how unwilling he is to use it. Kind of source: reckoned. */
final class Price {
    /** A plant of which nobody counted the leaves. */
    private static final int USUAL_LEAVES = 12;

    /** One step of stress is as bad as so many minutes. */
    private static final double STRESS = 8;

    /** Each day that a course takes longer is as bad as so many minutes. */
    private static final double DAY = 0.4;

    /** As bad as so many minutes: what just failed. */
    private static final double FAILED = 40;

    private final CourseRequest request;

    Price(CourseRequest request) {
        this.request = request;
    }

    double minutes(Means means) {
        Means.Effort effort = means.pace().effort();
        return effort.minutes()
                + effort.perLeaf() * request.situation().leaves().orElse(USUAL_LEAVES);
    }

    double cost(Means means) {
        return minutes(means)
                + STRESS * means.pace().effort().stress()
                + unwilling(means)
                + (request.failed().contains(means.id()) ? FAILED : 0);
    }

    double days(int days) {
        return DAY * days;
    }

    private double unwilling(Means means) {
        boolean strong = means.product()
                && means.styles().stream().noneMatch(Style.LIVING::equals)
                && means.group().isPresent();
        boolean mild = means.product() && !strong;
        return switch (request.style()) {
            case LIVING -> strong ? 40 : mild ? 8 : means.living() ? 0 : 4;
            case WASH -> strong ? 14 : means.living() ? 45 : 0;
            case SYSTEMIC -> strong ? 0 : 5;
        };
    }
}
