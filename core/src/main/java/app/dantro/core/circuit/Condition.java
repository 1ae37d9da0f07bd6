package app.dantro.core.circuit;

import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/** The state in which the vehicle is measured: what flows, and who makes it flow (docs/job.md, conditions). */
public enum Condition {
    REST("rest", "Everything off", Engine.OFF),
    KEY_ON("key on, engine off", "Ignition on, engine off", Engine.KEY),
    ENGINE_OFF_LOAD("engine-off load", "Lights and blower on, engine off", Engine.KEY),
    CRANKING("cranking", "Crank 3 s", Engine.STARTER),
    START_ATTEMPT("start attempt", "Hold the key", Engine.STARTER),
    IDLE("idle, loads off", "Idle, everything switchable off", Engine.RUNNING),
    IDLE_LOADED("idle, all loads on", "Idle, all loads on", Engine.RUNNING),
    RAISED("1500–2000 rpm, loads off", "Hold 2000 rpm, loads off", Engine.RUNNING),
    RAISED_LOADED("1500–2000 rpm, all loads on", "Hold 2000 rpm, all loads on", Engine.RUNNING),
    FULL_OUTPUT("2500 rpm, all loads on", "Hold 2500 rpm, all loads on", Engine.RUNNING),
    HIGH_SPEED("3000–4000 rpm", "Hold 3500 rpm", Engine.RUNNING),
    PILE_ALTERNATOR("carbon pile at the alternator", "Pile across B+ and case, seconds only", Engine.OFF),
    PILE_STARTER("carbon pile at the starter", "Pile across battery stud and case, seconds only", Engine.OFF),
    AFTER_SWITCH_OFF("after switch-off", "Engine just switched off", Engine.OFF),
    RAISED_SOME("1500–2000 rpm, some loads on", "Hold 2000 rpm, add load by load", Engine.RUNNING);

    private final String words;
    private final String instruction;
    private final Engine engine;

    Condition(String words, String instruction, Engine engine) {
        this.words = words;
        this.instruction = instruction;
        this.engine = engine;
    }

    /** Those whose loads a circuit says, which is all but {@code RAISED_SOME}: what is on then only its own current tells. */
    public static List<Condition> modelled() {
        return Stream.of(values()).filter(c -> c != RAISED_SOME).toList();
    }

    public String words() {
        return words;
    }

    public String instruction() {
        return instruction;
    }

    /** The name in files: {@code raised_loaded}. */
    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** True if the key asks for the starter. Only cranking is known to make its full current flow. */
    public boolean starterCalled() {
        return engine == Engine.STARTER;
    }

    /** True if the starter's cables carry a current of note, by the starter itself or by a carbon pile in its place. */
    public boolean loadsStarterCables() {
        return starterCalled() || this == PILE_STARTER;
    }

    /** True if the ignition is on, whatever the engine does. */
    public boolean keyOn() {
        return engine != Engine.OFF;
    }

    public boolean running() {
        return engine == Engine.RUNNING;
    }

    /** True if a current measured on the way is the alternator's: the engine runs, or a pile draws it. */
    public boolean alternatorsCurrent() {
        return running() || this == PILE_ALTERNATOR;
    }

    /** True while a carbon pile makes the current. */
    public boolean pile() {
        return this == PILE_ALTERNATOR || this == PILE_STARTER;
    }

    /** The condition whose loads hold where a load says nothing of this one. */
    public Condition loadsLike() {
        return switch (this) {
            case START_ATTEMPT -> CRANKING;
            case IDLE_LOADED, RAISED_SOME, FULL_OUTPUT, HIGH_SPEED -> RAISED_LOADED;
            case PILE_ALTERNATOR, PILE_STARTER, AFTER_SWITCH_OFF -> REST;
            default -> this;
        };
    }

    private enum Engine {
        OFF,
        KEY,
        STARTER,
        RUNNING
    }
}
