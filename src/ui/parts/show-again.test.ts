import { jest } from '@jest/globals';
import { showAgain, showAgainSoon, showNoMore } from './show-again';

describe('what has changed', () => {
  const router = { refresh: jest.fn() };
  beforeEach(() => {
    jest.useFakeTimers();
    router.refresh.mockClear();
  });
  afterEach(() => jest.useRealTimers());

  it('is shown once where it comes in a burst', () => {
    for (let i = 0; i < 5; i++) showAgainSoon(router);
    expect(router.refresh).not.toHaveBeenCalled();
    jest.runAllTimers();
    expect(router.refresh).toHaveBeenCalledTimes(1);
  });

  it('is shown with what was asked for, and not once more after it', () => {
    showAgainSoon(router);
    showAgain(router);
    jest.runAllTimers();
    expect(router.refresh).toHaveBeenCalledTimes(1);
  });

  it('is not shown to whoever has left', () => {
    showAgainSoon(router);
    showNoMore();
    jest.runAllTimers();
    expect(router.refresh).not.toHaveBeenCalled();
  });
});
