package methodos.files.sheet;

import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.Enumeration;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

/**
 * Looks through a workbook before it is read: what it unpacks to, how many columns it has, how much
 * one cell holds. The reader itself makes room for whatever a file says.
 */
final class WorkbookGuard {

    private static final long MOST_UNPACKED = 64_000_000;

    /** The largest that the spreadsheets of this form write into one cell. */
    private static final int MOST_IN_A_CELL = 32_767;

    private static final int MOST_ENTRIES = 2_000;

    private final String name;
    private long unpacked;

    private WorkbookGuard(String name) {
        this.name = name;
    }

    /**
     * @throws SheetProblem if it is larger than a list can be
     * @throws IOException if it is damaged
     */
    static void require(Path workbook, String name, int mostColumns)
            throws SheetProblem, IOException {
        WorkbookGuard guard = new WorkbookGuard(name);
        try (ZipFile zip = new ZipFile(workbook.toFile())) {
            if (zip.size() > MOST_ENTRIES) {
                throw new SheetProblem(name + " holds more than a workbook does.");
            }
            Enumeration<? extends ZipEntry> entries = zip.entries();
            while (entries.hasMoreElements()) {
                ZipEntry entry = entries.nextElement();
                boolean sheet = entry.getName().startsWith("xl/worksheets/");
                boolean texts = entry.getName().equals("xl/sharedStrings.xml");
                try (InputStream in = guard.counted(zip.getInputStream(entry))) {
                    if ((sheet || texts) && entry.getName().endsWith(".xml")) {
                        guard.look(in, mostColumns);
                    }
                    in.transferTo(java.io.OutputStream.nullOutputStream());
                }
            }
        } catch (TooLarge e) {
            throw new SheetProblem(name + " unpacks to more than a list can hold.", e);
        }
    }

    /** Ends the reading; an input stream can throw nothing else. */
    private static final class TooLarge extends IOException {
        private static final long serialVersionUID = 1L;
    }

    private InputStream counted(InputStream in) {
        return new FilterInputStream(in) {
            @Override
            public int read() throws IOException {
                int one = super.read();
                count(one < 0 ? 0 : 1);
                return one;
            }

            @Override
            public int read(byte[] to, int from, int length) throws IOException {
                int many = super.read(to, from, length);
                count(Math.max(0, many));
                return many;
            }
        };
    }

    private void count(int many) throws TooLarge {
        unpacked += many;
        if (unpacked > MOST_UNPACKED) {
            throw new TooLarge();
        }
    }

    private void look(InputStream in, int mostColumns) throws SheetProblem, IOException {
        XMLInputFactory factory = XMLInputFactory.newFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        try {
            XMLStreamReader xml = factory.createXMLStreamReader(in);
            long inCell = 0;
            while (xml.hasNext()) {
                int event = xml.next();
                if (event == XMLStreamReader.START_ELEMENT) {
                    String element = xml.getLocalName();
                    if (element.equals("c") || element.equals("si")) {
                        inCell = 0;
                        column(xml.getAttributeValue(null, "r"), mostColumns);
                    }
                } else if (event == XMLStreamReader.CHARACTERS) {
                    inCell += xml.getTextLength();
                    if (inCell > MOST_IN_A_CELL) {
                        throw new SheetProblem(
                                name + " has a cell with more text than a cell can hold.");
                    }
                }
            }
        } catch (XMLStreamException | RuntimeException e) {
            // damaged sheets make the reader fail in every way there is
            for (Throwable t = e; t != null; t = t.getCause()) {
                if (t instanceof TooLarge large) {
                    throw large;
                }
            }
            if (e instanceof XMLStreamException x
                    && x.getNestedException() instanceof TooLarge large) {
                throw large;
            }
            throw new IOException("a sheet of the workbook is damaged", e);
        }
    }

    private void column(String reference, int most) throws SheetProblem {
        if (reference == null) {
            return;
        }
        long column = 0;
        for (int i = 0; i < reference.length() && Character.isUpperCase(reference.charAt(i)); i++) {
            column = Math.min(1_000_000, 26 * column + reference.charAt(i) - 'A' + 1);
        }
        if (column > most) {
            throw new SheetProblem(
                    name + " has more than " + most + " columns, too many for a list.");
        }
    }
}
