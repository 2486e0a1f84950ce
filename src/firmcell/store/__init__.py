"""Job files, exchange files, part libraries, units at the edges, and the pens that put pictures on paper."""
