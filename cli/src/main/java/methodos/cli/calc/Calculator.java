package methodos.cli.calc;

import java.util.List;

/** One of the calculators. */
interface Calculator {

    /**
     * @param value as it is printed as JSON
     * @param words for people: the result, the formula with its inputs, the source
     */
    record Answer(Object value, List<String> words) {}

    /**
     * @throws WrongRequest if a field is missing or makes no sense
     */
    Answer answer(Request request) throws WrongRequest;
}
