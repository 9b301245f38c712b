// Where tests run when one red test is enough: after it the others are left out.
import { TestEnvironment } from 'jest-environment-node';

export default class extends TestEnvironment {
  red = false;

  handleTestEvent({ name, test }) {
    if (name === 'test_fn_failure' || name === 'hook_failure') this.red = true;
    if (name === 'test_start' && this.red) test.mode = 'skip';
  }
}
