/** ELSKO_TEST_NOW runs the tests of the screens as on another day, by a device whose clock shows that. */
const begins = process.env['ELSKO_TEST_NOW'];

if (begins) {
  const Machine = Date;
  const ahead = new Machine(begins).getTime() - Machine.now();
  class Shifted extends Machine {
    constructor(...at: unknown[]) {
      if (at.length === 0) super(Machine.now() + ahead);
      else super(...(at as ConstructorParameters<typeof Date>));
    }

    static override now = () => Machine.now() + ahead;
  }
  globalThis.Date = Shifted as DateConstructor;
}
