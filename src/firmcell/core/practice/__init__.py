"""Pictures to practise on: what is seen on a joint, a crimp, a weld, a connector or a pack."""
