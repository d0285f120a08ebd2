package brightlintel.geom;

import java.util.Arrays;

/** Cells of a grid, numbered from 0 in the order in which they are first asked for. Columns and rows fit 32 bits. */
public final class CellNumbers {
    private static final int NONE = -1;
    private long[] key = new long[1024];
    private int[] number = filled(1024);
    private int size;

    private static int[] filled(int n) {
        int[] out = new int[n];
        Arrays.fill(out, NONE);
        return out;
    }

    /** The number of a cell, a new one if it has none. */
    public int of(long column, long row) {
        int at = slot(pack(column, row));
        if (number[at] != NONE) return number[at];
        key[at] = pack(column, row);
        number[at] = size++;
        if (2 * size > key.length) grow();
        return size - 1;
    }

    /** The number of a cell, or -1. */
    public int find(long column, long row) {
        return number[slot(pack(column, row))];
    }

    private static long pack(long column, long row) {
        return column << 32 ^ row & 0xffffffffL;
    }

    private int slot(long k) {
        long h = k * 0x9E3779B97F4A7C15L;
        int i = (int) (h >>> 32) & key.length - 1;
        while (number[i] != NONE && key[i] != k) i = i + 1 & key.length - 1;
        return i;
    }

    private void grow() {
        long[] keys = key;
        int[] numbers = number;
        key = new long[2 * keys.length];
        number = filled(key.length);
        for (int i = 0; i < keys.length; i++) {
            if (numbers[i] == NONE) continue;
            int at = slot(keys[i]);
            key[at] = keys[i];
            number[at] = numbers[i];
        }
    }

    /** Asks for each cell by its column and row. */
    public interface Visit {
        void cell(int number, int column, int row);
    }

    public void each(Visit v) {
        for (int i = 0; i < key.length; i++) if (number[i] != NONE) v.cell(number[i], (int) (key[i] >> 32), (int) key[i]);
    }
}
