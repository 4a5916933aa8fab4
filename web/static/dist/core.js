import{a}from"./shared-QQ2AUFW5.js";import"./shared-6BQSIVVD.js";export{a as Live};
