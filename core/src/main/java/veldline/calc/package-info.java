/** Every formula on its own: named inputs in, named outputs out, with its source and what it is good to. */
package veldline.calc;
