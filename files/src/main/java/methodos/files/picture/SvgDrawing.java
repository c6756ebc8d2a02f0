package methodos.files.picture;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javax.xml.XMLConstants;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import org.apache.batik.anim.dom.SVGDOMImplementation;
import org.apache.batik.bridge.UserAgent;
import org.apache.batik.transcoder.SVGAbstractTranscoder;
import org.apache.batik.transcoder.TranscoderException;
import org.apache.batik.transcoder.TranscoderInput;
import org.apache.batik.transcoder.TranscoderOutput;
import org.apache.batik.transcoder.image.ImageTranscoder;
import org.slf4j.LoggerFactory;
import org.w3c.dom.Attr;
import org.w3c.dom.DOMException;
import org.w3c.dom.DOMImplementation;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NamedNodeMap;
import org.w3c.dom.Node;
import org.xml.sax.ErrorHandler;
import org.xml.sax.SAXException;
import org.xml.sax.SAXParseException;

/**
 * An SVG drawing as a picture. What could run or reach outside is taken out first: scripts, event
 * attributes, foreign content, links and styles that lead anywhere but into the file itself.
 */
final class SvgDrawing {

    private static final int WIDTH = 1920;
    private static final long MOST_BYTES = 20_000_000;
    private static final int MOST_ELEMENTS = 100_000;
    private static final int MOST_USES = 2_000;
    private static final int LONGEST_SECONDS = 20;

    /** Content that runs, or that is not drawing. */
    private static final Set<String> FOREIGN =
            Set.of("script", "foreignobject", "iframe", "audio", "video", "handler", "listener");

    private int elements;
    private int uses;
    private int removed;

    private SvgDrawing() {}

    static boolean looksLike(byte[] head) {
        String text = new String(head, StandardCharsets.UTF_8).toLowerCase(Locale.ROOT);
        return text.contains("<svg") || text.contains("<!doctype svg") || text.startsWith("<?xml");
    }

    static PictureFile read(Path file, String name) throws PictureProblem, IOException {
        if (Files.size(file) > MOST_BYTES) {
            throw new PictureProblem(name + " is too large for a drawing: more than 20 MB.");
        }
        Document parsed = parsed(file, name);
        if (!"svg".equals(parsed.getDocumentElement().getLocalName())) {
            throw new PictureProblem(name + " is no SVG drawing.");
        }
        SvgDrawing drawing = new SvgDrawing();
        Document clean = drawing.cleaned(parsed, name);
        BufferedImage picture = drawn(clean, name);
        List<String> notes = new ArrayList<>();
        if (drawing.removed > 0) {
            notes.add(
                    name
                            + " was taken in without its scripts and outside links ("
                            + drawing.removed
                            + ").");
        }
        return new PictureFile(picture, notes);
    }

    private static Document parsed(Path file, String name) throws PictureProblem, IOException {
        try (InputStream in = Files.newInputStream(file)) {
            DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
            factory.setNamespaceAware(true);
            factory.setExpandEntityReferences(false);
            factory.setXIncludeAware(false);
            factory.setFeature(XMLConstants.FEATURE_SECURE_PROCESSING, true);
            factory.setFeature("http://xml.org/sax/features/external-general-entities", false);
            factory.setFeature("http://xml.org/sax/features/external-parameter-entities", false);
            factory.setFeature(
                    "http://apache.org/xml/features/nonvalidating/load-external-dtd", false);
            var builder = factory.newDocumentBuilder();
            builder.setErrorHandler(new Silent());
            return builder.parse(in);
        } catch (SAXException e) {
            throw new PictureProblem(name + " is no readable SVG drawing.", e);
        } catch (ParserConfigurationException e) {
            throw new IllegalStateException(e);
        }
    }

    /** A copy as the drawing library wants it, with only what draws. */
    private Document cleaned(Document parsed, String name) throws PictureProblem {
        DOMImplementation svg = SVGDOMImplementation.getDOMImplementation();
        Document clean = svg.createDocument(SVGDOMImplementation.SVG_NAMESPACE_URI, "svg", null);
        Element root = clean.getDocumentElement();
        copy(parsed.getDocumentElement(), root, clean, name, 0);
        return clean;
    }

    private void copy(Element from, Element to, Document clean, String name, int depth)
            throws PictureProblem {
        if (++elements > MOST_ELEMENTS || uses > MOST_USES || depth > 200) {
            throw new PictureProblem(name + " is too intricate for a drawing.");
        }
        NamedNodeMap attributes = from.getAttributes();
        for (int i = 0; i < attributes.getLength(); i++) {
            Attr a = (Attr) attributes.item(i);
            if (XMLConstants.XMLNS_ATTRIBUTE_NS_URI.equals(a.getNamespaceURI())) {
                continue;
            }
            if (harmless(a)) {
                to.setAttributeNS(a.getNamespaceURI(), a.getName(), a.getValue());
            } else {
                removed++;
            }
        }
        for (Node n = from.getFirstChild(); n != null; n = n.getNextSibling()) {
            if (n.getNodeType() == Node.TEXT_NODE || n.getNodeType() == Node.CDATA_SECTION_NODE) {
                to.appendChild(clean.createTextNode(n.getNodeValue()));
            } else if (n instanceof Element child) {
                String kind = child.getLocalName().toLowerCase(Locale.ROOT);
                boolean drawing =
                        SVGDOMImplementation.SVG_NAMESPACE_URI.equals(child.getNamespaceURI());
                boolean style = kind.equals("style") && leadsOutside(child.getTextContent());
                boolean link = (kind.equals("image") || kind.equals("use")) && !linked(child);
                if (drawing && !FOREIGN.contains(kind) && !style && !link) {
                    uses += kind.equals("use") ? 1 : 0;
                    Element copy = element(clean, child.getLocalName());
                    if (copy == null) {
                        removed++;
                        continue;
                    }
                    to.appendChild(copy);
                    copy(child, copy, clean, name, depth + 1);
                } else if (drawing) {
                    removed++;
                } // what editors note in their own namespaces draws nothing
            }
        }
    }

    /** An element that draws; null for a name that no element of a drawing has. */
    private static Element element(Document clean, String name) {
        try {
            return clean.createElementNS(SVGDOMImplementation.SVG_NAMESPACE_URI, name);
        } catch (DOMException e) {
            return null;
        }
    }

    /** Whether it has a link that leads into the file itself. */
    private static boolean linked(Element element) {
        NamedNodeMap attributes = element.getAttributes();
        for (int i = 0; i < attributes.getLength(); i++) {
            Attr a = (Attr) attributes.item(i);
            if ("href".equals(a.getLocalName()) && harmless(a)) {
                return true;
            }
        }
        return false;
    }

    private static boolean harmless(Attr a) {
        String name = a.getLocalName().toLowerCase(Locale.ROOT);
        String value = a.getValue().trim().toLowerCase(Locale.ROOT);
        if (name.startsWith("on")) {
            return false;
        }
        if (name.equals("href") || name.equals("base") || name.equals("src")) {
            return value.startsWith("#")
                    || value.startsWith("data:image/png")
                    || value.startsWith("data:image/jpeg");
        }
        return !leadsOutside(value);
    }

    private static boolean leadsOutside(String style) {
        String s = style.toLowerCase(Locale.ROOT).replaceAll("\\s|\\\\|/\\*.*?\\*/", "");
        return s.contains("@import")
                || s.contains("javascript:")
                || s.replaceAll("url\\([\"']?(#|data:image/(png|jpeg))", "").contains("url(");
    }

    /** Drawn on a thread of its own, since a drawing can be made to take for ever. */
    private static BufferedImage drawn(Document clean, String name) throws PictureProblem {
        ExecutorService drawing =
                Executors.newSingleThreadExecutor(
                        r -> {
                            Thread thread = new Thread(r, "drawing " + name);
                            thread.setDaemon(true);
                            return thread;
                        });
        Future<BufferedImage> picture = drawing.submit(() -> transcoded(clean));
        try {
            return picture.get(LONGEST_SECONDS, TimeUnit.SECONDS);
        } catch (ExecutionException e) {
            throw new PictureProblem(name + " is no readable SVG drawing.", e.getCause());
        } catch (TimeoutException e) {
            throw new PictureProblem(name + " is too intricate for a drawing.", e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new PictureProblem(name + " was not taken in.", e);
        } finally {
            drawing.shutdownNow();
        }
    }

    private static BufferedImage transcoded(Document clean) throws TranscoderException {
        BufferedImage[] drawn = new BufferedImage[1];
        ImageTranscoder transcoder =
                new ImageTranscoder() {
                    @Override
                    public BufferedImage createImage(int width, int height) {
                        return new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
                    }

                    @Override
                    public void writeImage(BufferedImage image, TranscoderOutput output) {
                        drawn[0] = image;
                    }

                    @Override
                    protected UserAgent createUserAgent() {
                        return new SVGAbstractTranscoderUserAgent() {
                            @Override
                            public void displayError(Exception e) {
                                // what cannot be drawn is left out; the terminal is not for it
                                LoggerFactory.getLogger(SvgDrawing.class)
                                        .info("a part is left out", e);
                            }
                        };
                    }
                };
        transcoder.addTranscodingHint(SVGAbstractTranscoder.KEY_WIDTH, (float) WIDTH);
        transcoder.addTranscodingHint(ImageTranscoder.KEY_BACKGROUND_COLOR, Color.WHITE);
        transcoder.addTranscodingHint(SVGAbstractTranscoder.KEY_EXECUTE_ONLOAD, false);
        transcoder.addTranscodingHint(SVGAbstractTranscoder.KEY_ALLOWED_SCRIPT_TYPES, "");
        transcoder.addTranscodingHint(SVGAbstractTranscoder.KEY_ALLOW_EXTERNAL_RESOURCES, false);
        transcoder.transcode(new TranscoderInput(clean), null);
        return drawn[0];
    }

    private static final class Silent implements ErrorHandler {
        @Override
        public void warning(SAXParseException e) {
            // a drawing with a warning draws
        }

        @Override
        public void error(SAXParseException e) throws SAXException {
            throw e;
        }

        @Override
        public void fatalError(SAXParseException e) throws SAXException {
            throw e;
        }
    }
}
