/**
 * A made-up workshop of any size, for trials and benches: simulated vehicles whose joints age, are read, repaired and read
 * again over the years. Everything goes through the same checks and stores as what people enter; nothing is planned for it.
 */
package app.dantro.server.generate;
