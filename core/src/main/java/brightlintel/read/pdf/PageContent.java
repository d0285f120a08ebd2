package brightlintel.read.pdf;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.apache.pdfbox.contentstream.PDContentStream;
import org.apache.pdfbox.contentstream.operator.Operator;
import org.apache.pdfbox.contentstream.operator.OperatorProcessor;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.io.RandomAccessRead;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.util.Matrix;

/**
 * Lets the library set a page up and then reads its content ourselves: to the library the page says one word, which it knows by our
 * operator.
 *
 * @param page with its resources, box and turn
 */
record PageContent(PDPage page) implements PDContentStream {
    private static final String WORD = "read-the-page";

    /** What is done where the word is met; once, whatever else in the file says it. */
    interface Reading {
        void run() throws IOException;
    }

    static OperatorProcessor once(PageWalk walk, Reading reading) {
        return new OperatorProcessor(walk) {
            private boolean done;

            @Override public void process(Operator operator, List<COSBase> operands) throws IOException {
                if (done) return;
                done = true;
                reading.run();
            }

            @Override public String getName() {
                return WORD;
            }
        };
    }

    @Override public InputStream getContents() {
        return new ByteArrayInputStream(WORD.getBytes(StandardCharsets.ISO_8859_1));
    }

    @Override public RandomAccessRead getContentsForRandomAccess() {
        return new RandomAccessReadBuffer(WORD.getBytes(StandardCharsets.ISO_8859_1));
    }

    @Override public PDResources getResources() {
        return page.getResources();
    }

    @Override public PDRectangle getBBox() {
        return page.getBBox();
    }

    @Override public Matrix getMatrix() {
        return page.getMatrix();
    }
}
