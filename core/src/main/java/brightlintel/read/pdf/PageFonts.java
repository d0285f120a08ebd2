package brightlintel.read.pdf;

import java.io.IOException;
import java.io.InputStream;
import org.apache.fontbox.FontBoxFont;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.font.CIDFontMapping;
import org.apache.pdfbox.pdmodel.font.FontMapper;
import org.apache.pdfbox.pdmodel.font.FontMappers;
import org.apache.pdfbox.pdmodel.font.FontMapping;
import org.apache.pdfbox.pdmodel.font.PDCIDSystemInfo;
import org.apache.pdfbox.pdmodel.font.PDFontDescriptor;

/**
 * Stands in for fonts that a file names and does not carry. The library would search the machine's font folders for them, which takes
 * seconds and makes one file look different on two machines; widths and characters come from the file all the same.
 */
final class PageFonts implements FontMapper {
    private static boolean set;
    private final TrueTypeFont standIn;

    private PageFonts() throws IOException {
        try (InputStream in = FontMapper.class.getResourceAsStream("/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf")) {
            if (in == null) throw new IOException("the stand-in font is missing in the program");
            standIn = new TTFParser().parse(new RandomAccessReadBuffer(in.readAllBytes()));
        }
    }

    static synchronized void use() throws IOException {
        if (set) return;
        FontMappers.set(new PageFonts());
        set = true;
    }

    @Override public FontMapping<TrueTypeFont> getTrueTypeFont(String name, PDFontDescriptor descriptor) {
        return new FontMapping<>(standIn, true);
    }

    @Override public FontMapping<FontBoxFont> getFontBoxFont(String name, PDFontDescriptor descriptor) {
        return new FontMapping<>(standIn, true);
    }

    @Override public CIDFontMapping getCIDFont(String name, PDFontDescriptor descriptor, PDCIDSystemInfo system) {
        return new CIDFontMapping(null, standIn, true);
    }
}
