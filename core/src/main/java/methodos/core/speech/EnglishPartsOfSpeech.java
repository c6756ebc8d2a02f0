package methodos.core.speech;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.stream.IntStream;
import opennlp.tools.postag.POSModel;
import opennlp.tools.postag.POSTagFormat;
import opennlp.tools.postag.POSTaggerME;

/**
 * Parts of speech of English by a maximum-entropy model that was trained on the English Web
 * Treebank of Universal Dependencies.
 *
 * <p>Words are tagged in stretches of {@value #STRETCH}, because the narration of an hour without a
 * full stop is one sentence to the model.
 */
public final class EnglishPartsOfSpeech implements PartsOfSpeech {

    private static final String MODEL = "/opennlp-en-ud-ewt-pos-1.3-2.5.4.bin";
    private static final int STRETCH = 60;

    private final ThreadLocal<POSTaggerME> taggers;

    private EnglishPartsOfSpeech(POSModel model) {
        // a tagger is for one thread; the model is for all
        taggers = ThreadLocal.withInitial(() -> new POSTaggerME(model, POSTagFormat.UD));
    }

    private static final class Model {
        static final POSModel MODEL = load();

        private static POSModel load() {
            try (InputStream in =
                    EnglishPartsOfSpeech.class.getResourceAsStream(EnglishPartsOfSpeech.MODEL)) {
                return new POSModel(in);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }

    /** The model is read once, at the first call. */
    public static EnglishPartsOfSpeech load() {
        return new EnglishPartsOfSpeech(Model.MODEL);
    }

    @Override
    public List<String> tags(List<String> words) {
        String[] tags = new String[words.size()];
        IntStream.range(0, (words.size() + STRETCH - 1) / STRETCH)
                .parallel()
                .forEach(
                        stretch -> {
                            int from = stretch * STRETCH;
                            int to = Math.min(words.size(), from + STRETCH);
                            String[] some =
                                    taggers.get()
                                            .tag(words.subList(from, to).toArray(String[]::new));
                            System.arraycopy(some, 0, tags, from, some.length);
                        });
        return List.of(tags);
    }
}
