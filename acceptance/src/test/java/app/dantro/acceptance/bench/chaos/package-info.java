/** What may happen to a program: killed, fed nonsense, its files damaged, more technicians than it was made for. */
package app.dantro.acceptance.bench.chaos;
