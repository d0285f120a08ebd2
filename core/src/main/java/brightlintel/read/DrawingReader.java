package brightlintel.read;

import brightlintel.drawing.Format;
import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.ReadLimits;
import brightlintel.read.dwg.DwgReader;
import brightlintel.read.dxf.DxfReader;
import brightlintel.read.pdf.PdfReader;
import brightlintel.read.picture.PictureReader;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** The one way in. */
public final class DrawingReader {
    private DrawingReader() { }

    /** @throws Refused with a reason where nothing can be made of the file; smaller faults are in the drawing's report */
    public static RawDrawing read(Path file, ReadLimits limits, Progress progress) throws IOException {
        return read(file, Beside.of(file), limits, progress);
    }

    /** @param beside finds the files that the drawing refers to */
    public static RawDrawing read(Path file, Beside beside, ReadLimits limits, Progress progress) throws IOException {
        return read(file, file, beside, limits, progress);
    }

    /** @param named where the file lies that these bytes were copied from: a drawing that refers to itself is told by it */
    public static RawDrawing read(Path bytes, Path named, Beside beside, ReadLimits limits, Progress progress) throws IOException {
        return read(bytes, named, beside, Wanted.FIRST, limits, progress);
    }

    public static RawDrawing read(Path bytes, Path named, Beside beside, Wanted wanted, ReadLimits limits, Progress progress)
        throws IOException {
        return References.resolve(alone(bytes, true, wanted, limits, progress), named, beside, limits, progress);
    }

    /** Reads a file of pages again for the sake of its pictures, which come row by row at their full size. */
    public static void rows(Path file, Wanted wanted, PictureRows.Sink sink, ReadLimits limits, Progress progress) throws IOException {
        check(file, limits);
        switch (Sniffer.sniff(file)) {
            case PDF -> PdfReader.rows(file, wanted, sink, limits, progress);
            case PICTURE -> PictureReader.rows(file, wanted, sink, progress);
            case DXF, DXF_BINARY, DWG, PROJECT, UNKNOWN -> { }
        }
    }

    /** Without its hash: for a look that keeps nothing. */
    public static RawDrawing look(Path file, ReadLimits limits, Progress progress) throws IOException {
        return look(file, Wanted.FIRST, limits, progress);
    }

    public static RawDrawing look(Path file, Wanted wanted, ReadLimits limits, Progress progress) throws IOException {
        return References.resolve(alone(file, false, wanted, limits, progress), file, Beside.of(file), limits, progress);
    }

    static RawDrawing alone(Path file, boolean hash, Wanted wanted, ReadLimits limits, Progress progress) throws IOException {
        check(file, limits);
        Format format = Sniffer.sniff(file);
        return switch (format) {
            case DXF, DXF_BINARY -> DxfReader.read(file, format, hash, limits, progress);
            case DWG -> DwgReader.read(file, hash, limits, progress);
            case PDF -> PdfReader.read(file, hash, wanted, limits, progress);
            case PICTURE -> PictureReader.read(file, hash, wanted, limits, progress);
            case PROJECT, UNKNOWN -> throw new Refused(Refused.Why.NOT_A_DRAWING, file.getFileName());
        };
    }

    /** Before its bytes are looked at. @throws Refused where there is no such file, or none that may be read */
    public static void check(Path file, ReadLimits limits) throws IOException {
        Path name = file.getFileName() == null ? file : file.getFileName();
        if (!Files.exists(file)) throw new Refused(Refused.Why.MISSING, name);
        if (Files.isDirectory(file)) throw new Refused(Refused.Why.FOLDER, name);
        if (!Files.isReadable(file)) throw new Refused(Refused.Why.NO_PERMISSION, name);
        long bytes = Files.size(file);
        if (bytes == 0) throw new Refused(Refused.Why.EMPTY, name);
        if (bytes > limits.bytes()) throw new Refused(Refused.Why.TOO_BIG, name, bytes, limits.bytes());
    }
}
