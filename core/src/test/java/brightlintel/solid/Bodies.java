package brightlintel.solid;

/** What tests ask of bodies. */
final class Bodies {
    private Bodies() { }

    /** The divergence theorem over the triangles: holds only where the mesh is closed and faces outwards. */
    static double volume(Body b) {
        double sum = 0;
        float[] t = b.triangles();
        for (int i = 0; i < t.length; i += 9)
            sum += (t[i] * (t[i + 4] * (double) t[i + 8] - t[i + 5] * (double) t[i + 7]) - t[i + 1]
                * (t[i + 3] * (double) t[i + 8] - t[i + 5] * (double) t[i + 6])
                + t[i + 2] * (t[i + 3] * (double) t[i + 7] - t[i + 4] * (double) t[i + 6])) / 6;
        return sum;
    }
}
