import * as ids from './ids';

const order = ids.orderId(12);
const batch = ids.batchId(3);

describe('ids of what is planned', () => {
  it('tell whose they are', () => {
    const step = ids.partStepId(ids.partId(order, 'sponge'), 'bake', { tier: 0, nth: 1 });
    expect(step).toBe('o12.sponge.bake.2');
    expect(ids.orderNumberOf(step)).toBe(12);
    expect(ids.batchNumberOf(step)).toBeNaN();
    expect(ids.batchNumberOf(ids.partStepId(ids.partId(batch, 'sponge'), 'mix', ids.FIRST))).toBe(3);
    expect(ids.orderNumberOf(batch)).toBeNaN();
  });

  it('are not taken for those of an order whose number only begins so', () => {
    expect(ids.isOf(ids.stageStepId(order, 'stack'), ids.orderId(1))).toBe(false);
    expect(ids.isOf(ids.stageStepId(order, 'stack'), order)).toBe(true);
    expect(ids.isOf('o12.sponge-2.mix', ids.partId(order, 'sponge'))).toBe(false);
  });

  it('tell a step’s key, whichever of several it is', () => {
    expect(ids.keyOf('o1.layers.mix.2')).toBe('mix');
    expect(ids.keyOf('o1.layers.mix')).toBe('mix');
    expect(ids.keyOf('o1.layers.turn-out@3.12')).toBe('turn-out');
    expect(ids.withoutPlace('o1.layers.bake@2')).toBe('o1.layers.bake');
    expect(ids.partStepId(ids.partId(order, 'sponge'), 'bake', { tier: 1, nth: 2 })).toBe('o12.sponge.bake@2.3');
    expect(ids.keyWithin('b3.layers.turn-out.11', ids.partId(batch, 'layers'))).toBe('turn-out');
    expect(ids.withoutPlace('o1.layers.mix.2')).toBe('o1.layers.mix');
    expect(ids.isStepOf(ids.partStepId(ids.partId(order, 'sponge'), 'cut', ids.FIRST), 'sponge', 'cut')).toBe(true);
  });

  it('of stages, hand-overs, waits and holds', () => {
    expect(ids.handOverId(order)).toBe('o12.hand-over');
    expect(ids.isHandOver(ids.handOverId(order))).toBe(true);
    expect(ids.isHandOver('o12.hand-over-card')).toBe(false);
    expect(ids.stageWaitId(order, 'fill', 'coat', 'night')).toBe('o12.fill>coat?night');
    expect(ids.stageWaitId(order, 'fill', 'coat', null)).toBe('o12.fill>coat');
    expect(ids.tinHoldId(ids.stageStepId(order, 'x'), 'tin 20 cm', { tier: 1, nth: 0 })).toBe('o12.x#tin 20 cm@2');
  });
});
